<script setup lang="ts">
import type { Stem } from '@hestiad/core'
import BloomDrawing from '../board/drawing/BloomDrawing.vue'

/** A stem's head, small. */
defineProps<{ stem: Stem }>()
</script>

<template>
  <svg :viewBox="`${-stem.headMm * 0.62} ${-stem.headMm * 0.62} ${stem.headMm * 1.24} ${stem.headMm * 1.24}`" width="34" height="34" aria-hidden="true">
    <BloomDrawing :stem="stem" :turn-deg="20" />
  </svg>
</template>
