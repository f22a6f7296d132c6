<script setup lang="ts">
import type { CuttingPlan } from '@hestiad/core'
import { usePreferences } from '../stores/preferences.js'

/** Where the fabric is cut across, measured from its beginning, and how many pieces each strip gives. */
const props = defineProps<{ plan: CuttingPlan }>()
const { length } = usePreferences()
const cuts = () => {
  let at = 0
  return props.plan.strips.map((strip) => ({ at: (at += strip.lengthMm), pieces: strip.pieces.length }))
}
</script>

<template>
  <ol class="small">
    <li v-for="(cut, i) in cuts()" :key="i">
      {{ length(cut.at) }} <span class="soft">({{ cut.pieces }})</span>
    </li>
  </ol>
</template>

<style scoped>
ol {
  height: 100%;
  margin: 0;
  padding-left: 24px;
  overflow: auto;
  columns: 2;
}
</style>
