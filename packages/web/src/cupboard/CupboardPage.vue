<script setup lang="ts">
import { extentSize, formatAmount, type Offer, type Piece } from '@hestiad/core'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, ApiProblem } from '../api/client.js'
import PageHeader from '../shell/PageHeader.vue'
import { usePreferences } from '../stores/preferences.js'

const { t } = useI18n()
const { length } = usePreferences()
const pieces = shallowRef<readonly Piece[]>()
const offers = shallowRef<readonly Offer[]>([])
const search = ref('')
const kind = ref('')
const message = ref('')
const faults = ref<readonly { place: string; message: string }[]>([])
const failed = ref(false)
const file = ref<HTMLInputElement>()

async function load(): Promise<void> {
  failed.value = false
  try {
    const answer = await api.cupboard()
    pieces.value = answer.pieces
    offers.value = answer.offers
  } catch {
    failed.value = true
  }
}
onMounted(load)

const kinds = computed(() => [...new Set((pieces.value ?? []).map((p) => p.kind))])
const found = computed(() => {
  const words = search.value.toLowerCase().split(/\s+/).filter(Boolean)
  return (pieces.value ?? []).filter(
    (p) =>
      (kind.value === '' || p.kind === kind.value) &&
      words.every((w) => `${p.name} ${t(`kind.${p.kind}`)} ${p.material} ${p.kept} ${p.color}`.toLowerCase().includes(w))
  )
})
const offersOf = computed(() => {
  const byPiece = new Map<string, Offer[]>()
  for (const offer of offers.value) byPiece.set(offer.pieceId, [...(byPiece.get(offer.pieceId) ?? []), offer])
  return byPiece
})

function size(piece: Piece): string {
  if ('extent' in piece) {
    const { lengthMm, widthMm } = extentSize(piece.extent)
    return piece.extent.kind === 'round' ? `⌀ ${length(lengthMm)}` : `${length(lengthMm)} × ${length(widthMm)}`
  }
  if ('diameterMm' in piece) return `⌀ ${length(piece.diameterMm)}`
  if ('sideMm' in piece) return `${length(piece.sideMm)} × ${length(piece.sideMm)}`
  if (piece.kind === 'runner') return `${length(piece.lengthMm)} × ${length(piece.widthMm)}`
  return 'heightMm' in piece ? t('centerpiece.height', { height: length(piece.heightMm) }) : length(piece.lengthMm)
}

async function change(piece: Piece, part: { owned?: number; kept?: string; name?: string }): Promise<void> {
  const next = { ...piece, ...part }
  try {
    await api.savePiece(next)
    pieces.value = pieces.value?.map((p) => (p.id === next.id ? next : p))
    message.value = `${t('cupboard.saved')}: ${next.name}`
  } catch (error) {
    message.value = t('cupboard.failed', { message: (error as Error).message })
  }
}

async function importFile(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  if (!chosen) return
  faults.value = []
  try {
    const { imported } = await api.importCupboard(await chosen.text())
    message.value = t('cupboard.imported', { n: imported })
    await load()
  } catch (error) {
    const problem = error as ApiProblem
    message.value = `${t('cupboard.unusable')} ${problem.message}`
    faults.value = problem.faults
  }
  input.value = ''
}
document.title = 'Cupboard · Hestiad'
</script>

<template>
  <div class="page">
    <PageHeader :title="t('cupboard.title')" here="cupboard">
      <input ref="file" type="file" accept=".csv,text/csv" class="visually-hidden" tabindex="-1" :aria-label="t('cupboard.import')" @change="importFile" />
      <a href="/api/cupboard.csv" download class="link">{{ t('cupboard.export') }}</a>
      <el-button @click="file?.click()">{{ t('cupboard.import') }}</el-button>
    </PageHeader>
    <div class="tools">
      <input v-model="search" type="search" class="native" :placeholder="t('cupboard.search')" :aria-label="t('cupboard.search')" />
      <select v-model="kind" class="native" :aria-label="t('cupboard.kind')">
        <option value="">{{ t('cupboard.all') }}</option>
        <option v-for="k in kinds" :key="k" :value="k">{{ t(`kind.${k}`) }}</option>
      </select>
      <span class="soft" role="status">{{ t('cupboard.count', { shown: found.length, n: pieces?.length ?? 0 }) }}</span>
    </div>
    <p v-if="message" class="note" role="status">{{ message }}</p>
    <ul v-if="faults.length > 0" class="faults">
      <li v-for="(fault, i) in faults" :key="i">
        <strong>{{ fault.place }}</strong> {{ fault.message }}
      </li>
    </ul>
    <p v-if="failed" role="alert">
      {{ t('occasions.failed') }} <el-button size="small" @click="load">{{ t('occasions.retry') }}</el-button>
    </p>
    <p v-else-if="pieces?.length === 0" class="soft">{{ t('cupboard.empty') }}</p>
    <p v-else-if="pieces && found.length === 0" class="soft">{{ t('cupboard.noMatch', { n: pieces.length }) }}</p>
    <div v-else class="scroller">
      <table>
        <thead>
          <tr>
            <th>{{ t('cupboard.name') }}</th>
            <th>{{ t('cupboard.kind') }}</th>
            <th>{{ t('cupboard.size') }}</th>
            <th>{{ t('cupboard.material') }}</th>
            <th class="number">{{ t('cupboard.owned') }}</th>
            <th>{{ t('cupboard.kept') }}</th>
            <th>{{ t('cupboard.offers') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="piece in found" :key="piece.id">
            <td><span class="swatch" :style="{ background: piece.color, borderColor: piece.accent }" />{{ piece.name }}</td>
            <td class="soft">{{ t(`kind.${piece.kind}`) }}</td>
            <td class="soft">{{ size(piece) }}</td>
            <td class="soft">{{ piece.material }}</td>
            <td class="number">
              <input
                type="number"
                class="native count"
                min="0"
                max="100000"
                step="1"
                :value="piece.owned"
                :aria-label="`${piece.name}, ${t('cupboard.owned')}`"
                @change="change(piece, { owned: Math.max(0, Math.round(Number(($event.target as HTMLInputElement).value))) })"
              />
            </td>
            <td>
              <input
                class="native"
                maxlength="200"
                :value="piece.kept"
                :aria-label="`${piece.name}, ${t('cupboard.kept')}`"
                @change="change(piece, { kept: ($event.target as HTMLInputElement).value })"
              />
            </td>
            <td class="soft small">
              <div v-for="offer in offersOf.get(piece.id) ?? []" :key="offer.id">
                {{ t('cupboard.offer', { n: offer.packSize, price: offer.priceCents === null ? '?' : formatAmount(offer.priceCents, 'USD') }) }} ·
                {{ offer.shop }}
              </div>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </div>
</template>

<style scoped>
.page {
  max-width: 1200px;
  margin: 0 auto;
  padding: 0 28px 40px;
}

.tools {
  display: grid;
  grid-template-columns: 1fr 170px auto;
  gap: 12px;
  align-items: center;
  margin: 10px 0;
}

.link {
  font-weight: 600;
}

.note {
  margin: 0 0 8px;
  padding: 6px 10px;
  background: var(--moss-soft);
  border-radius: var(--radius);
}

.faults {
  margin: 0 0 10px;
  color: var(--ember);
}

.scroller {
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th {
  padding: 6px 10px 6px 0;
  font-weight: 500;
  font-size: 12.5px;
  text-align: start;
  color: var(--soft-ink);
  border-bottom: 1px solid var(--hairline-strong);
}

td {
  padding: 4px 10px 4px 0;
  border-bottom: 1px solid var(--hairline);
  vertical-align: middle;
}

.swatch {
  display: inline-block;
  width: 14px;
  height: 14px;
  margin-right: 9px;
  border: 2px solid;
  border-radius: 50%;
  vertical-align: -2px;
}

.number {
  width: 84px;
}

td .native {
  border-color: transparent;
  background: transparent;
}

td .native:hover,
td .native:focus {
  border-color: var(--hairline-strong);
  background: var(--paper);
}
</style>
