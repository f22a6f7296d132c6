<script setup lang="ts">
import { colorName, type ColorFigures } from '@hestiad/core'
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { percent } from '../findings/findingWords.js'

/** The palette of the brief in the shares that are wished, each color filled as far as it is seen. */
const props = defineProps<{ wished: ColorFigures['wished'] }>()
const { t } = useI18n()
const HIGH = 30
const bars = computed(() => {
  const x = scaleLinear([0, props.wished.reduce((sum, one) => sum + one.wish, 0) || 1], [0, 1000])
  let from = 0
  return props.wished.map((one) => {
    const at = x(from)
    from += one.wish
    const high = HIGH * Math.min(1, one.seen / one.wish)
    const said = t('colors.wishedOne', { color: colorName(one.color), wish: percent(one.wish), seen: percent(one.seen) })
    return { one, at, wide: x(from) - at, high, said }
  })
})
</script>

<template>
  <figure>
    <figcaption class="soft small">{{ t('colors.wished') }}: {{ t('colors.wishedSays') }}</figcaption>
    <svg :viewBox="`0 0 1000 ${HIGH}`" preserveAspectRatio="none" role="img" :aria-label="bars.map((bar) => bar.said).join('; ')">
      <g v-for="({ one, at, wide, high, said }, i) in bars" :key="i">
        <title>{{ said }}</title>
        <rect :x="at" y="0" :width="Math.max(2, wide - 2)" :height="HIGH" :fill="one.color" class="wish" />
        <rect :x="at" :y="HIGH - high" :width="Math.max(2, wide - 2)" :height="high" :fill="one.color" />
      </g>
    </svg>
    <p class="soft small">
      <span v-for="(bar, i) in bars" :key="i">{{ bar.said }}<template v-if="i < bars.length - 1"> · </template></span>
    </p>
  </figure>
</template>

<style scoped>
figure {
  display: grid;
  gap: 4px;
  margin: 0;
}

svg {
  display: block;
  width: 100%;
  height: 30px;
  border: 1px solid var(--hairline);
}

.wish {
  opacity: 0.28;
}

p {
  margin: 0;
}
</style>
