<script setup lang="ts">
import type { ColorFigures, ColorGroup } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'

/** The tabletop as it was counted, cell by cell; all but the color pointed at drawn back. */
const props = defineProps<{ figures: ColorFigures; group: ColorGroup | undefined }>()
const { t } = useI18n()
const rows = computed(() => Math.ceil(props.figures.seen.cells.length / props.figures.seen.columns))
/** For each color one path of the runs of its cells in each row. */
const paths = computed(() => {
  const { cells, columns, parts } = props.figures.seen
  const groupOf = parts.map((part) =>
    props.figures.groups.findIndex((one) => one.parts.some((seen) => seen.pieceId === part.pieceId && seen.color === part.color && seen.where === part.where))
  )
  const runs = props.figures.groups.map(() => [] as string[])
  for (let row = 0; row < rows.value; row++)
    for (let column = 0; column < columns;) {
      const at = groupOf[cells[row * columns + column]!] ?? -1
      let to = column + 1
      while (to < columns && (groupOf[cells[row * columns + to]!] ?? -1) === at) to++
      if (at >= 0) runs[at]!.push(`M${column} ${rows.value - 1 - row}h${to - column}v1h${column - to}z`)
      column = to
    }
  return props.figures.groups.map((one, i) => ({ one, d: runs[i]!.join('') }))
})
</script>

<template>
  <svg :viewBox="`0 0 ${figures.seen.columns} ${rows}`" role="img" :aria-label="t('colors.seen')">
    <path v-for="{ one, d } in paths" :key="one.color" :d="d" :fill="one.color" :class="{ back: group && group !== one }" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-height: 230px;
  shape-rendering: crispedges;
}

.back {
  opacity: 0.12;
}
</style>
