<script setup lang="ts">
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'

/** How strong in color tables are, one bar each: mean OKLab chroma of what is seen, of the strongest among them as 100. */
const props = defineProps<{ bars: readonly { readonly name: string; readonly chroma: number; readonly isHere: boolean }[] }>()
const { t } = useI18n()
const rows = computed(() => {
  const wide = scaleLinear([0, Math.max(1e-9, ...props.bars.map((bar) => bar.chroma))], [0, 100])
  const sorted = [...props.bars].sort((a, b) => b.chroma - a.chroma)
  return sorted.map((bar) => ({ ...bar, wide: wide(bar.chroma), said: t('colors.beside.bar', { name: bar.name, chroma: Math.round(wide(bar.chroma)) }) }))
})
</script>

<template>
  <figure>
    <figcaption class="soft small">{{ t('colors.beside.strength') }}</figcaption>
    <ul class="small">
      <li v-for="(row, i) in rows" :key="i" :class="{ here: row.isHere }" :aria-label="row.said">
        <span class="name">{{ row.name }}</span>
        <span class="bar"><i :style="{ width: `${row.wide}%` }" /></span>
      </li>
    </ul>
  </figure>
</template>

<style scoped>
figure,
ul {
  display: grid;
  gap: 3px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 10px;
  align-items: center;
}

.name {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.bar i {
  display: block;
  height: 10px;
  background: var(--hairline-strong);
}

.here .name {
  font-weight: 600;
}

.here .bar i {
  background: var(--ember);
}
</style>
