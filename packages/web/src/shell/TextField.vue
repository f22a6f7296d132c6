<script setup lang="ts">
import { ref, useId, watch } from 'vue'

/** Words typed under their label, taken when one leaves the field or presses Enter; what is `wrong` stays in it and says so. `live` it is taken letter by letter. `bare` leaves the label to screen readers. */
const props = withDefaults(
  defineProps<{
    label: string
    modelValue: string
    max?: number
    placeholder?: string
    rows?: number
    bare?: boolean
    required?: boolean
    live?: boolean
    wrong?: (text: string) => string
  }>(),
  { max: 200, placeholder: '', rows: 0 }
)
const emit = defineEmits<{ 'update:modelValue': [text: string] }>()
const id = useId()
const text = ref(props.modelValue)
const problem = ref('')
watch(
  () => props.modelValue,
  (value) => (text.value = value)
)

function take(): void {
  problem.value = props.wrong?.(text.value) ?? ''
  if (problem.value === '' && text.value !== props.modelValue) emit('update:modelValue', text.value)
}
</script>

<template>
  <div :class="bare ? 'bare' : 'field'">
    <label v-if="!bare" :for="id">{{ label }}</label>
    <el-input
      :id="id"
      v-model="text"
      :type="rows > 0 ? 'textarea' : 'text'"
      :rows="rows || 2"
      :maxlength="max"
      :placeholder="placeholder"
      :required="required"
      :aria-label="bare ? label : undefined"
      :aria-invalid="problem !== ''"
      @change="take"
      @input="live && emit('update:modelValue', text)"
    />
    <span v-if="problem" class="bad small" role="alert">{{ problem }}</span>
  </div>
</template>
