<script setup lang="ts">
import { formatDuration, formatMoney, layerPieces, layers, sameLayer, takeLayer, type Layer, type Look, type LookFigures } from '@hestiad/core'
import { scaleLinear } from 'd3-scale'
import { watchDebounced } from '@vueuse/core'
import { computed, onUnmounted, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import MiniTable from '../board/MiniTable.vue'
import { api } from '../api/calls.js'
import ForClient from './ForClient.vue'
import OwnVerdict from './OwnVerdict.vue'
import { formatDate } from '../shell/dates.js'
import { tell } from '../shell/tell.js'
import { list, percent } from '../findings/findingWords.js'
import { useLook } from '../stores/lookStore.js'
import type { Asked } from '../workers/asked.js'

/** The looks of the occasion side by side, each figure on one scale for all. */
const props = defineProps<{ look: Look; added: number }>()
const { t } = useI18n()
const store = useLook()
const MOST = 4
/** Measured again when nothing was changed for so long. */
const STILL_MS = 400
interface Side {
  readonly id: string
  readonly look: Look
}
const heads = ref<HTMLElement>()
const others = shallowRef<readonly Side[]>([])
const measured = shallowRef<readonly LookFigures[]>([])
const failed = shallowRef(false)
let asked: Asked<readonly LookFigures[]> | undefined

async function load(): Promise<void> {
  failed.value = false
  try {
    const { occasions } = await api.listOccasions()
    const ids = (occasions.find((one) => one.id === store.occasionId)?.looks ?? []).map((one) => one.id).filter((id) => id !== store.id)
    others.value = await Promise.all(ids.slice(0, MOST - 1).map(async (id) => ({ id, look: (await api.getLook(id)).look as Look })))
  } catch {
    failed.value = true
  }
}
watch(() => [store.id, props.added], load, { immediate: true })

const sides = computed<readonly Side[]>(() => [{ id: store.id, look: props.look }, ...others.value])
watchDebounced(
  sides,
  async (now) => {
    asked?.cancel()
    const { measureLooks } = await import('../workers/looks.js')
    const own = measureLooks({ kind: 'measure', looks: now.map((side) => side.look) })
    asked = own
    const figures = await own.answer
    if (figures && asked === own) measured.value = figures
  },
  { immediate: true, debounce: STILL_MS }
)
onUnmounted(() => asked?.cancel())

/** The drawing of a look as SVG of its own: what its colors come to is written out, for outside the page there is no theme. */
function picture(at: number): string {
  const svg = heads.value?.querySelectorAll('svg')[at]
  if (!svg) return ''
  const theme = getComputedStyle(document.documentElement)
  return svg.outerHTML.replace(/var\((--[\w-]+)\)/g, (_, name: string) => theme.getPropertyValue(name).trim())
}

/** Names of what a look lays of a layer. */
const laid = (look: Look, layer: Layer) => list(layerPieces(look, layer).map((piece) => piece.name))

/** Lays a layer here as another look has it, so that two looks differ in the rest only. */
function take(side: Side, layer: Layer): void {
  store.run(takeLayer, side.look, layer)
  tell('success', t('looks.taken', { layer: t(`looks.layer.${layer}`), name: side.look.name }))
}

const money = (cents: number) => formatMoney(cents, props.look.money.currency)
const rows = computed(() => {
  const of = (label: string, value: (one: LookFigures) => number, said: (value: number) => string) => {
    const values = measured.value.map(value)
    const width = scaleLinear([0, Math.max(1e-9, ...values)], [0, 100])
    return { label, cells: values.map((one) => ({ said: said(one), wide: `${Math.max(0, width(one))}%` })) }
  }
  return [
    of(t('looks.spend'), (one) => one.spendCents, money),
    of(t('ledger.perGuest'), (one) => one.perGuestCents, money),
    of(t('ledger.owned'), (one) => one.ownedShare, percent),
    of(t('ledger.seen'), (one) => one.facesShare, percent),
    of(t('looks.middleScore'), (one) => one.middleScore ?? 0, percent),
    of(t('ledger.lifts'), (one) => one.lifts, String),
    of(t('looks.minutes'), (one) => one.minutes, formatDuration),
    of(t('looks.toMend'), (one) => one.stops + one.warns, String)
  ]
})
</script>

<template>
  <section class="stack">
    <p v-if="failed" role="alert">
      {{ t('occasions.failed') }} <el-button size="small" @click="load">{{ t('occasions.retry') }}</el-button>
    </p>
    <p v-else-if="others.length === 0" class="soft">{{ t('looks.alone') }}</p>
    <div v-else class="scroller">
      <table>
        <thead>
          <tr ref="heads">
            <td></td>
            <th v-for="(side, i) in sides" :key="side.id" scope="col">
              <MiniTable :look="side.look" close />
              <router-link v-if="i > 0" :to="{ name: 'look', params: { id: side.id, step: 'looks' } }">{{ side.look.name }}</router-link>
              <span v-else
                >{{ side.look.name }} <span class="soft">{{ t('looks.this') }}</span></span
              >
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.label">
            <th scope="row" class="soft">{{ row.label }}</th>
            <td v-for="(cell, i) in row.cells" :key="i"><span class="bar" :style="{ width: cell.wide }" />{{ cell.said }}</td>
          </tr>
          <tr v-for="layer in layers" :key="layer" class="layer">
            <th scope="row" class="soft">{{ t(`looks.layer.${layer}`) }}</th>
            <td v-for="(side, i) in sides" :key="side.id">
              <template v-if="i > 0 && sameLayer(look, side.look, layer)"
                ><span class="soft">{{ t('looks.sameHere') }}</span></template
              >
              <template v-else
                >{{ laid(side.look, layer) || t('looks.noneOf') }}
                <el-button
                  v-if="i > 0"
                  class="plain link"
                  :aria-label="t('looks.takeFrom', { layer: t(`looks.layer.${layer}`), name: side.look.name })"
                  @click="take(side, layer)"
                  >{{ t('looks.take') }}</el-button
                ></template
              >
            </td>
          </tr>
          <tr v-if="sides.some((side) => side.look.lookAgainOn !== null)">
            <th scope="row" class="soft">{{ t('looks.again.row') }}</th>
            <td v-for="side in sides" :key="side.id">{{ side.look.lookAgainOn === null ? '' : formatDate(side.look.lookAgainOn) }}</td>
          </tr>
          <tr>
            <th scope="row" class="soft">{{ t('looks.said') }}</th>
            <td v-for="side in sides" :key="side.id" class="said">
              <p v-for="one in side.look.verdicts" :key="one.by">
                <span :class="one.stand">{{ t(`looks.stand.${one.stand}`) }}</span> <span class="soft">{{ one.by }}, {{ formatDate(one.day) }}</span>
                <span v-if="one.remark" class="remark">{{ one.remark }}</span>
              </p>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <template v-if="others.length > 0">
      <OwnVerdict :look="look" />
      <ForClient :sides="sides" :spend-cents="sides.map((_, i) => measured[i]?.spendCents)" :picture="picture" @said="load" />
    </template>
  </section>
</template>

<style scoped>
.scroller {
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13px;
}

thead th {
  vertical-align: top;
  min-width: 130px;
  padding: 0 8px 6px 0;
  font-weight: 600;
  text-align: start;
}

thead th :deep(svg) {
  height: 84px;
}

tbody th {
  padding: 4px 10px 4px 0;
  font-weight: 400;
  text-align: start;
}

tbody td {
  position: relative;
  padding: 6px 8px 6px 0;
  border-bottom: 1px solid var(--hairline);
  font-weight: 600;
}

.bar {
  position: absolute;
  bottom: 0;
  left: 0;
  height: 3px;
  background: var(--brass);
}

.said p {
  margin: 0 0 4px;
  font-weight: 400;
}

.said .for {
  color: var(--moss);
  font-weight: 600;
}

.said .against {
  color: var(--ember);
  font-weight: 600;
}

.remark {
  display: block;
}

.layer td {
  font-weight: 400;
  vertical-align: top;
}
</style>
