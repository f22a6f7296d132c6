<script setup lang="ts">
import { pieceIndex, piecesOf, settingItems, type Look, type Piece } from '@hestiad/core'
import { X } from '@lucide/vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '../shell/ChoiceField.vue'
import PieceSelect from '../shell/PieceSelect.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import SettingCard from './SettingCard.vue'

const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const index = computed(() => pieceIndex(props.look))
const layout = computed(() => settingItems(props.look))
const plates = computed(() => piecesOf(props.look, 'plate').filter((p) => p.role !== 'bread'))
const names = (ids: readonly string[]) => ids.map((id) => index.value.get(id)).filter((p): p is Piece => p !== undefined)
const own = (piece: Piece) => t('settings.own', { owned: piece.owned, needed: props.look.guests.length })
const roles = (list: readonly string[]) => list.map((role) => t(`role.${role}`)).join(', ') || '–'
const crowded = computed(() => store.findings.some((finding) => finding.code === 'setting.crowded'))
const narrowest = computed(() => Math.min(...(store.figures?.seats.places.map((p) => p.plateLineWidthMm) ?? [])))

function setNapkin(id: string | null): void {
  store.edit('setting', (d) => void (d.setting.napkin = id ? { place: 'on-plate', fold: 'band', ...d.setting.napkin, pieceId: id } : null))
}

function add(list: 'plateIds' | 'glassIds', id: string | null): void {
  if (id) store.edit('setting', (d) => void d.setting[list].push(id))
}

function takeOut(list: 'plateIds' | 'glassIds', i: number): void {
  store.edit('setting', (d) => void d.setting[list].splice(i, 1))
}
</script>

<template>
  <div class="stack">
    <SettingCard :layout="layout" :fold="look.setting.napkin?.fold ?? 'flat'" :width="length(layout.widthMm)" :depth="length(layout.depthMm)" />
    <dl>
      <dt>{{ t('settings.width') }}</dt>
      <dd>{{ length(layout.widthMm) }}</dd>
      <template v-if="Number.isFinite(narrowest)"
        ><dt>{{ t('settings.given') }}</dt>
        <dd>{{ length(narrowest) }}</dd></template
      >
    </dl>
    <p v-if="layout.widthMm > narrowest" class="soft small tidy">{{ t(crowded ? 'settings.touch' : 'settings.interlock') }}</p>
    <div>
      <h3>{{ t('settings.plates') }}</h3>
      <ul>
        <li v-for="(piece, i) in names(look.setting.plateIds)" :key="`${piece.id} ${i}`">
          <span class="dot" :style="{ background: piece.color, borderColor: piece.accent }" />
          <span
            >{{ piece.name }} <span class="soft small">{{ own(piece) }}</span></span
          >
          <button class="plain" :aria-label="t('settings.remove', { name: piece.name })" @click="takeOut('plateIds', i)"><X :size="14" /></button>
        </li>
      </ul>
      <PieceSelect :label="t('settings.addPlate')" :model-value="null" :pieces="plates" none="…" @update:model-value="add('plateIds', $event)" />
    </div>
    <PieceSelect
      :label="t('settings.bread')"
      :model-value="look.setting.breadPlateId"
      :pieces="piecesOf(look, 'plate').filter((p) => p.role === 'bread')"
      :none="t('linens.none')"
      @update:model-value="store.edit('setting', (d) => void (d.setting.breadPlateId = $event))"
    />
    <PieceSelect
      :label="t('settings.napkin')"
      :model-value="look.setting.napkin?.pieceId ?? null"
      :pieces="piecesOf(look, 'napkin')"
      :none="t('linens.none')"
      @update:model-value="setNapkin"
    />
    <div v-if="look.setting.napkin" class="stack">
      <ChoiceField
        :label="t('settings.fold')"
        :model-value="look.setting.napkin.fold"
        :choices="(['band', 'knot', 'flat'] as const).map((value) => ({ value, label: t(`settings.${value}`) }))"
        @update:model-value="store.edit('setting', (d) => void (d.setting.napkin && (d.setting.napkin.fold = $event)))"
      />
      <ChoiceField
        :label="t('settings.place')"
        :model-value="look.setting.napkin.place"
        :choices="(['on-plate', 'left'] as const).map((value) => ({ value, label: t(`settings.${value}`) }))"
        @update:model-value="store.edit('setting', (d) => void (d.setting.napkin && (d.setting.napkin.place = $event)))"
      />
    </div>
    <div>
      <h3>{{ t('settings.glasses') }}</h3>
      <ul>
        <li v-for="(piece, i) in names(look.setting.glassIds)" :key="`${piece.id} ${i}`">
          <span class="dot" :style="{ background: piece.color, borderColor: piece.accent }" />
          <span
            >{{ piece.name }} <span class="soft small">{{ own(piece) }}</span></span
          >
          <button class="plain" :aria-label="t('settings.remove', { name: piece.name })" @click="takeOut('glassIds', i)"><X :size="14" /></button>
        </li>
      </ul>
      <PieceSelect
        :label="t('settings.addGlass')"
        :model-value="null"
        :pieces="piecesOf(look, 'glass')"
        none="…"
        @update:model-value="add('glassIds', $event)"
      />
    </div>
    <div>
      <h3>{{ t('settings.flatware') }}</h3>
      <dl>
        <dt>{{ t('settings.leftHand') }}</dt>
        <dd>{{ roles([...layout.order.left].reverse()) }}</dd>
        <dt>{{ t('settings.rightHand') }}</dt>
        <dd>{{ roles(layout.order.right) }}</dd>
        <dt>{{ t('settings.above') }}</dt>
        <dd>{{ roles(layout.order.above) }}</dd>
        <dt>{{ t('settings.broughtIn') }}</dt>
        <dd>{{ roles(layout.order.broughtIn) }}</dd>
      </dl>
      <label class="check"
        ><input
          type="checkbox"
          :checked="look.setting.dessertAbove"
          @change="store.edit('setting', (d) => void (d.setting.dessertAbove = ($event.target as HTMLInputElement).checked))"
        />
        {{ t('settings.dessertAbove') }}</label
      >
    </div>
  </div>
</template>

<style scoped>
ul {
  display: grid;
  gap: 4px;
  margin: 6px 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 16px 1fr 20px;
  gap: 8px;
  align-items: center;
}

.dot {
  width: 14px;
  height: 14px;
  border: 2px solid;
  border-radius: 50%;
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 12px;
  margin: 4px 0;
}

dt {
  color: var(--soft-ink);
}

dd {
  margin: 0;
  font-weight: 600;
}

.check {
  display: flex;
  gap: 7px;
  align-items: center;
}

input[type='checkbox'] {
  accent-color: var(--ember);
}
</style>
