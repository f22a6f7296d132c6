<script setup lang="ts">
import { parseClock } from '@hestiad/core'
import { ref, useId, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { usePreferences } from '../stores/preferences.js'

/** How far the arrow keys go. */
const STEP_MIN = 15

/** A clock time as minutes after midnight, typed as people write it; arrows go a quarter of an hour up or down. What cannot be read stays in the field and says so. */
const props = defineProps<{ label: string; modelValue: number }>()
const emit = defineEmits<{ 'update:modelValue': [minute: number] }>()
const { t } = useI18n()
const preferences = usePreferences()
const id = useId()
const text = ref(preferences.clock(props.modelValue))
const wrong = ref('')
watch(
  () => preferences.clock(props.modelValue),
  (clock) => (text.value = clock)
)

function take(): void {
  const minute = parseClock(text.value)
  wrong.value = minute === undefined ? t('fields.clock') : ''
  if (minute === undefined) return
  text.value = preferences.clock(minute)
  if (text.value !== preferences.clock(props.modelValue)) emit('update:modelValue', minute)
}

function go(by: number): void {
  text.value = preferences.clock((parseClock(text.value) ?? props.modelValue) + by)
  take()
}
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <el-input
      :id="id"
      v-model="text"
      :aria-invalid="wrong !== ''"
      @change="take"
      @keydown.enter="take"
      @keydown.up.prevent="go(STEP_MIN)"
      @keydown.down.prevent="go(-STEP_MIN)"
    />
    <span v-if="wrong" class="bad small" role="alert">{{ wrong }}</span>
  </div>
</template>
