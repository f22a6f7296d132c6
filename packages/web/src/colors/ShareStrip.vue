<script setup lang="ts">
import type { ColorGroup } from '@hestiad/core'
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { percent } from '../findings/findingWords.js'

/** Colors side by side, each as wide as its share is seen. */
const props = defineProps<{ groups: readonly ColorGroup[] }>()
const pointed = defineModel<string | undefined>({ required: true })
const { t } = useI18n()
const HIGH = 46
const bars = computed(() => {
  const x = scaleLinear([0, props.groups.reduce((sum, one) => sum + one.share, 0) || 1], [0, 1000])
  let from = 0
  return props.groups.map((one) => {
    const at = x(from)
    from += one.share
    return { one, at, wide: x(from) - at }
  })
})
</script>

<template>
  <svg :viewBox="`0 0 1000 ${HIGH + 12}`" preserveAspectRatio="none" role="group" :aria-label="t('colors.seen')">
    <g
      v-for="{ one, at, wide } in bars"
      :key="one.color"
      tabindex="0"
      role="img"
      :aria-label="`${t(`colors.role.${one.role}`)} ${one.color} ${percent(one.share)}`"
      @pointerenter="pointed = one.color"
      @pointerleave="pointed = undefined"
      @focus="pointed = one.color"
      @blur="pointed = undefined"
    >
      <rect :x="at" y="0" :width="Math.max(2, wide - 1)" :height="HIGH" :fill="one.color" />
      <rect v-if="pointed === one.color" :x="at" :y="HIGH + 4" :width="Math.max(4, wide - 1)" height="5" class="mark" />
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  height: 58px;
}

.mark {
  fill: var(--ember);
}

g:focus {
  outline: none;
}
</style>
