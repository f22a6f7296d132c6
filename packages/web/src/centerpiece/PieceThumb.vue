<script setup lang="ts">
import { newPlaced, pieceIndex, standings, type Piece, type Placed, type StandingPiece } from '@hestiad/core'
import { computed } from 'vue'
import ElevationPiece from '../board/drawing/ElevationPiece.vue'

/** A standing piece from the side, as large as its box; of the look only its pieces, so that nothing is drawn anew while others change. */
const props = defineProps<{ piece: StandingPiece; pieces: readonly Piece[]; like?: Placed | undefined }>()
const alone = computed(() => {
  const kept = props.like && (props.piece.kind === 'vessel' || props.piece.kind === 'holder') ? props.like : undefined
  const placed: Placed = { ...newPlaced(`thumb-${props.piece.id}`, props.piece.id), candle: kept?.candle ?? null, arrangement: kept?.arrangement ?? null }
  return standings({ centerpiece: [placed], pieces: props.pieces })[0]
})
const reach = computed(() => {
  const s = alone.value
  if (!s) return { half: 100, top: 200 }
  const half = Math.max(s.spread.kind === 'disc' ? s.spread.radiusMm : s.spread.halfXMm, s.topMm * 0.5, 40)
  return { half: half * 1.15, top: Math.max(s.topMm, half) * 1.12 }
})
</script>

<template>
  <svg :viewBox="`${-reach.half} ${-reach.top} ${2 * reach.half} ${reach.top * 1.04}`" aria-hidden="true">
    <g transform="scale(1 -1)"><ElevationPiece v-if="alone" :standing="alone" :index="pieceIndex({ pieces })" :turned="false" :glow="false" /></g>
  </svg>
</template>
