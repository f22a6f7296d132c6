<script setup lang="ts">
import CountField from '../shell/CountField.vue'
import {
  fillingDepthMm,
  changePlaced,
  isStanding,
  isSupport,
  replacePlaced,
  sameJob,
  standings,
  swapEdit,
  takeOffEdit,
  type Look,
  type Placed,
  type StandingPiece
} from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import LengthField from '../shell/LengthField.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import ChosenActions from './ChosenActions.vue'
import FillFields from './FillFields.vue'
import FillingField from './FillingField.vue'
import HowItStands from './HowItStands.vue'
import PieceThumb from './PieceThumb.vue'
import RaiseField from './RaiseField.vue'

/** The chosen piece: where it stands and on what, whether it stays at the meal, and what could stand there instead. */
const props = defineProps<{ look: Look; placed: Placed }>()
const { t } = useI18n()
const store = useLook()
const { length, weight } = usePreferences()
const standing = computed(() => standings(props.look).find((s) => s.placed.id === props.placed.id))
const tilt = computed(() => store.resting?.stability.tilts.find((one) => one.placedId === props.placed.id))
const swaps = computed(() => {
  const piece = standing.value?.piece
  if (!piece) return []
  return props.look.pieces
    .filter((p): p is StandingPiece => isStanding(p) && p.id !== piece.id && (sameJob(piece, p) || p.kind === piece.kind))
    .sort((a, b) => b.owned - a.owned)
    .slice(0, 6)
})

function set(part: Partial<Pick<Placed, 'xMm' | 'yMm' | 'turnDeg' | 'atMeal'>>, what: 'move' | 'turn' | 'clear-for-meal'): void {
  store.run(changePlaced, props.placed.id, part, what)
}

function swap(piece: StandingPiece): void {
  const alone = props.look.centerpiece.filter((p) => p.pieceId === props.placed.pieceId).length === 1
  if (alone) store.run(swapEdit, props.placed.pieceId, piece.id)
  else store.run(replacePlaced, props.placed.id, piece.id)
}

function takeOff(): void {
  store.run(takeOffEdit, props.placed.id)
  store.selected = null
}
</script>

<template>
  <section v-if="standing" class="stack" :aria-label="t('centerpiece.chosen')">
    <div>
      <h3 class="name">{{ standing.piece.name }}</h3>
      <p class="soft small">
        {{ t('centerpiece.height', { height: length(standing.topMm - standing.footMm) })
        }}<template v-if="standing.footMm > 0">, {{ t('centerpiece.foot', { height: length(standing.footMm) }) }}</template> ·
        {{ standing.piece.owned > 0 ? t('centerpiece.owned', { n: standing.piece.owned }) : t('centerpiece.toBuy')
        }}<template v-if="standing.piece.kept"> · {{ standing.piece.kept }}</template>
      </p>
    </div>
    <p v-if="tilt" class="soft small">
      {{
        standing.manner
          ? t('compose.weighs', { weight: weight(tilt.grams) })
          : t('compose.tilt', { tilt: `${Math.round(tilt.tiltDeg)}°`, weight: weight(tilt.grams) })
      }}
    </p>
    <ChosenActions :look="look" :placed="placed" />
    <div class="three">
      <LengthField
        :label="t('centerpiece.along')"
        :model-value="placed.xMm"
        :min-mm="-10000"
        :max-mm="10000"
        @update:model-value="set({ xMm: $event }, 'move')"
      />
      <LengthField
        :label="t('centerpiece.across')"
        :model-value="placed.yMm"
        :min-mm="-10000"
        :max-mm="10000"
        @update:model-value="set({ yMm: $event }, 'move')"
      />
      <CountField
        :label="t('centerpiece.turn')"
        :model-value="Math.round(placed.turnDeg)"
        :min="-360"
        :max="360"
        :step="5"
        :controls="false"
        @update:model-value="set({ turnDeg: $event }, 'turn')"
      />
    </div>
    <HowItStands :look="look" :standing="standing" />
    <FillingField v-if="fillingDepthMm(standing.piece) !== null" :look="look" :standing="standing" />
    <RaiseField v-if="placed.how === 'standing' && standing.piece.kind !== 'riser'" :look="look" :standing="standing" />
    <FillFields v-if="isSupport(standing.piece) && !placed.arrangement" :look="look" :standing="standing" />
    <div class="row between">
      <label class="row"
        ><el-switch
          :model-value="placed.atMeal"
          size="small"
          :aria-label="t('centerpiece.atMeal')"
          @update:model-value="set({ atMeal: Boolean($event) }, 'clear-for-meal')"
        />
        {{ t('centerpiece.atMeal') }}</label
      >
      <el-button size="small" @click="takeOff">{{ t('centerpiece.takeOff') }}</el-button>
    </div>
    <div v-if="swaps.length > 0">
      <h3>{{ t('centerpiece.swap') }}</h3>
      <div class="swaps">
        <el-button v-for="piece in swaps" :key="piece.id" class="plain swap" @click="swap(piece)">
          <PieceThumb :piece="piece" :pieces="look.pieces" :like="placed" />
          <span class="small">{{ piece.name }}</span>
          <span class="soft small">{{ piece.owned > 0 ? t('centerpiece.owned', { n: piece.owned }) : t('centerpiece.toBuy') }}</span>
        </el-button>
      </div>
    </div>
    <hr class="rule" />
  </section>
</template>

<style scoped>
.name {
  font-size: 17px;
}

p {
  margin: 0;
}

.three {
  display: grid;
  grid-template-columns: 1fr 1fr minmax(0, 70px);
  gap: 8px;
}

.swaps {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
  margin-top: 6px;
}

.swap {
  display: grid;
  gap: 1px;
  line-height: 1.25;
}

.swap svg {
  width: 100%;
  height: 62px;
  border: 1px solid var(--hairline);
  border-radius: var(--radius);
  background: var(--paper);
}

.swap:hover svg {
  border-color: var(--ember);
}
</style>
