<script setup lang="ts">
import { formatAmount, parseAmount } from '@hestiad/core'
import { computed, ref, useId, watch } from 'vue'
import { useI18n } from 'vue-i18n'

/** An amount of money in a currency, kept as integer minor units. `optional`: null is shown empty, and emptied it says `clear`. */
const props = defineProps<{ label: string; modelValue: number | null; currency: string; optional?: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [cents: number]; clear: [] }>()
const { t } = useI18n()
const id = useId()
const shown = computed(() => (props.modelValue === null ? '' : formatAmount(props.modelValue, props.currency)))
const text = ref(shown.value)
const wrong = ref('')
watch(shown, (value) => (text.value = value))

function take(): void {
  if (props.optional && text.value.trim() === '') {
    wrong.value = ''
    if (props.modelValue !== null) emit('clear')
    return
  }
  const cents = parseAmount(text.value, props.currency)
  if (cents === undefined || cents < 0) wrong.value = t('fields.amount', { example: formatAmount(42_000, props.currency) })
  else {
    wrong.value = ''
    if (cents !== props.modelValue) emit('update:modelValue', cents)
    else text.value = shown.value
  }
}
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <el-input :id="id" v-model="text" inputmode="decimal" :aria-invalid="wrong !== ''" @change="take" @keydown.enter="take">
      <template #suffix>{{ currency }}</template>
    </el-input>
    <span v-if="wrong" class="wrong small" role="alert">{{ wrong }}</span>
  </div>
</template>

<style scoped>
.wrong {
  color: var(--ember);
}
</style>
