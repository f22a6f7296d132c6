<script setup lang="ts">
import { formatClock, parseClock } from '@hestiad/core'
import { ref, useId, watch } from 'vue'
import { useI18n } from 'vue-i18n'

/** How far apart the times to pick from are. */
const EVERY_MIN = 30

/** A clock time as minutes after midnight, typed as people write it or picked; what cannot be read stays in the field and says so. */
const props = defineProps<{ label: string; modelValue: number }>()
const emit = defineEmits<{ 'update:modelValue': [minute: number] }>()
const { t } = useI18n()
const id = useId()
const text = ref(formatClock(props.modelValue))
const wrong = ref('')
watch(
  () => props.modelValue,
  (minute) => (text.value = formatClock(minute))
)

const times = Array.from({ length: 1440 / EVERY_MIN }, (_, at) => ({ value: formatClock(at * EVERY_MIN) }))

/** The times round the one that is set; while one types, those that begin so. */
function offer(typed: string, show: (found: { value: string }[]) => void): void {
  if (typed !== formatClock(props.modelValue)) show(times.filter(({ value }) => value.startsWith(typed)))
  else {
    const first = Math.max(0, Math.floor((props.modelValue % 1440) / EVERY_MIN) - 3)
    show(times.slice(first, first + 8))
  }
}

function take(): void {
  const minute = parseClock(text.value)
  wrong.value = minute === undefined ? t('fields.clock') : ''
  if (minute === undefined) return
  text.value = formatClock(minute)
  if (text.value !== formatClock(props.modelValue)) emit('update:modelValue', minute)
}
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <el-autocomplete
      :id="id"
      v-model="text"
      :fetch-suggestions="offer"
      :debounce="0"
      :aria-invalid="wrong !== ''"
      @change="take"
      @select="take"
      @keydown.enter="take"
    />
    <span v-if="wrong" class="bad small" role="alert">{{ wrong }}</span>
  </div>
</template>
