<script setup lang="ts">
import type { Severity } from '@hestiad/core'

/** A finding beside what it concerns: stop is a filled lozenge, warn a filled drop, note a ring; quiet is one more place of a finding that is marked elsewhere. */
defineProps<{ x: number; y: number; severity: Severity; title: string; open: boolean; quiet?: boolean }>()
const emit = defineEmits<{ open: []; press: [event: PointerEvent] }>()
const shapes: Record<Severity, string> = {
  stop: 'M 0 -10 L 10 0 L 0 10 L -10 0 Z',
  warn: 'M 0 -10 C 9 0 9 3 8 5 A 8.500 8.500 0 0 1 -8 5 C -9 3 -9 0 0 -10 Z',
  note: 'M 7 0 A 7 7 0 0 1 -7 0 A 7 7 0 0 1 7 0 Z'
}
</script>

<template>
  <g
    class="mark"
    :class="[severity, { open, quiet }]"
    :transform="`translate(${x} ${y})`"
    role="button"
    tabindex="0"
    :aria-label="title"
    :aria-pressed="open"
    @click="emit('open')"
    @keydown.enter="emit('open')"
    @pointerdown.stop="emit('press', $event)"
  >
    <title>{{ title }}</title>
    <circle r="11" fill="transparent" />
    <path v-if="!quiet" :d="shapes[severity]" />
    <circle v-else class="dot" r="4.5" />
    <text v-if="!quiet" y="4" text-anchor="middle">{{ severity === 'note' ? 'i' : '!' }}</text>
  </g>
</template>

<style scoped>
.mark {
  cursor: pointer;
  touch-action: none;
}

.mark path,
.mark .dot {
  stroke: var(--paper);
  stroke-width: 1.5;
  fill: var(--ember);
}

.mark text {
  fill: var(--on-ember);
  font: 700 11px var(--sans);
}

.mark.note path,
.mark.note .dot {
  fill: var(--paper);
  stroke: var(--soft-ink);
}

.mark.note text {
  fill: var(--soft-ink);
}

.mark.open path,
.mark.open .dot {
  stroke: var(--ink);
  stroke-width: 2.5;
}
</style>
