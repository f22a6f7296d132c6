<script setup lang="ts">
import {
  changeKinds,
  changeNapkin,
  changeSetting,
  dropSubstitute,
  findPiece,
  foldKinds,
  isLeaf,
  isSmallChild,
  layingMinutes,
  layNapkin,
  MOST_GLASSES_OUT_MM,
  pieceIndex,
  petCaution,
  piecesOf,
  roomLeft,
  setSpreads,
  settingItems,
  settingOf,
  takeIn,
  type KindKey,
  type Look,
  type Piece
} from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import ChoiceField from '../shell/ChoiceField.vue'
import LengthField from '../shell/LengthField.vue'
import PieceSelect from '../shell/PieceSelect.vue'
import SelectField from '../shell/SelectField.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import BaseSetField from './BaseSetField.vue'
import FlatwareFields from './FlatwareFields.vue'
import ShopPicker from '../shops/ShopPicker.vue'
import FoldCard from './FoldCard.vue'
import LayerList from './LayerList.vue'
import KindTabs from './KindTabs.vue'

const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const index = computed(() => pieceIndex(props.look))
const shown = computed({ get: () => store.settingKind, set: (kind: KindKey) => void (store.settingKind = kind) })
const key = computed<KindKey>(() => (props.look.kinds.others.some((other) => other.key === shown.value) ? shown.value : 'A'))
const setting = computed(() => settingOf(props.look, key.value))
const layout = computed(() => settingItems({ ...props.look, setting: setting.value }))
const napkin = computed(() => findPiece(index.value, setting.value.napkin?.pieceId, 'napkin'))
const minutes = computed(() => layingMinutes(props.look))
const spreads = computed(() => setSpreads(props.look).slice(0, 2))
const stars = computed(() => names([...setting.value.plateIds, ...(setting.value.napkin ? [setting.value.napkin.pieceId] : [])]))
const leafy = computed(() => piecesOf(props.look, 'stem').filter(isLeaf))
const leaves = computed(() => settingItems({ ...props.look, setting: setting.value }).items[0]?.leaves ?? null)
const favors = computed(() => props.look.pieces.filter((piece) => piece.kind === 'ornament' || piece.kind === 'stem' || piece.kind === 'candle'))
const change = (part: Parameters<typeof changeSetting>[2]) => store.run(changeSetting, key.value, part)
const plates = computed(() => piecesOf(props.look, 'plate').filter((p) => p.role !== 'bread'))
const names = (ids: readonly string[]) => ids.map((id) => index.value.get(id)).filter((p): p is Piece => p !== undefined)
const roles = (list: readonly string[]) => list.map((role) => t(`role.${role}`)).join(', ') || '–'
const crowded = computed(() => store.findings.some((finding) => finding.code === 'setting.crowded'))
const left = computed(() => roomLeft(props.look))
const narrowest = computed(() => Math.min(...(store.resting?.seats.places.map((p) => p.plateLineWidthMm) ?? [])))
</script>

<template>
  <div class="stack">
    <KindTabs v-model="shown" :look="look" />
    <BaseSetField :look="look" />
    <dl>
      <dt>{{ t('settings.width') }}</dt>
      <dd>{{ length(layout.widthMm) }}</dd>
      <template v-if="Number.isFinite(narrowest)"
        ><dt>{{ t('settings.given') }}</dt>
        <dd>{{ length(narrowest) }}</dd></template
      >
      <template v-if="left">
        <dt>{{ t('settings.middleLeaves') }}</dt>
        <dd>
          {{
            t(left.elsewhereMm === null ? 'settings.leftAt' : 'settings.leftAtLeast', {
              deep: length(left.depthMm),
              seat: left.number,
              other: length(left.elsewhereMm ?? 0)
            })
          }}
        </dd>
        <dt>{{ t('settings.takesDeep') }}</dt>
        <dd :class="{ bad: left.neededMm > left.depthMm }">{{ length(left.neededMm) }}</dd>
      </template>
    </dl>
    <p v-if="left" class="soft small tidy">{{ left.plateMm > 0 ? t('settings.plateFits', { plate: length(left.plateMm) }) : t('settings.noPlateFits') }}</p>
    <p v-if="layout.widthMm > narrowest" class="soft small tidy">{{ t(crowded ? 'settings.touch' : 'settings.interlock') }}</p>
    <div v-for="one in spreads" :key="one.pieceId" class="row between small">
      <span>{{
        t('settings.spreadSet', {
          piece: index.get(one.pieceId)?.name,
          other: index.get(one.otherId)?.name,
          spread: t(`settings.spreadWays.${one.spread}`),
          short: one.short
        })
      }}</span>
      <el-button size="small" @click="store.apply(one.edit)">{{ t('findings.doIt') }}</el-button>
    </div>
    <div class="spread">
      <section class="stack">
        <LayerList
          :look="look"
          :kind="key"
          of="plateIds"
          :ids="setting.plateIds"
          :pieces="plates"
          :title="t('settings.plates')"
          :add="t('settings.addPlate')"
        />
        <PieceSelect
          :label="t('settings.bread')"
          :model-value="setting.breadPlateId"
          :pieces="piecesOf(look, 'plate').filter((p) => p.role === 'bread')"
          :none="t('linens.none')"
          @update:model-value="change({ breadPlateId: $event })"
        />
      </section>
      <section class="stack">
        <h3>{{ t('settings.napkin') }}</h3>
        <PieceSelect
          :label="t('settings.napkin')"
          :model-value="setting.napkin?.pieceId ?? null"
          :pieces="piecesOf(look, 'napkin')"
          :none="t('linens.none')"
          @update:model-value="store.run(layNapkin, key, $event)"
        />
        <ShopPicker :look="look" kind="napkin" @take="store.run(takeIn, $event, (now, id) => layNapkin(now, key, id))" />
        <div v-if="setting.napkin" class="stack">
          <SelectField
            :label="t('settings.fold')"
            :model-value="setting.napkin.fold"
            :choices="foldKinds.map((value) => ({ value, label: t(`fold.${value}.name`) }))"
            @update:model-value="store.run(changeNapkin, key, { fold: $event })"
          />
          <FoldCard v-if="napkin" :look="look" :napkin="napkin" :fold="setting.napkin.fold" :count="look.guests.length" />
          <ChoiceField
            :label="t('settings.place')"
            :model-value="setting.napkin.place"
            :choices="(['on-plate', 'left'] as const).map((value) => ({ value, label: t(`settings.${value}`) }))"
            @update:model-value="store.run(changeNapkin, key, { place: $event })"
          />
        </div>
      </section>
      <section class="stack">
        <LayerList
          :look="look"
          :kind="key"
          of="glassIds"
          :ids="setting.glassIds"
          :pieces="piecesOf(look, 'glass')"
          :title="t('settings.glasses')"
          :add="t('settings.addGlass')"
        />
        <LengthField
          v-if="setting.glassIds.length > 0"
          :label="t('settings.glassesOut')"
          :model-value="setting.glassesOutMm"
          :min-mm="0"
          :max-mm="MOST_GLASSES_OUT_MM"
          @update:model-value="change({ glassesOutMm: $event })"
        />
      </section>
      <section class="stack">
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
          <FlatwareFields :look="look" :kind="key" :setting="setting" :order="layout.order" />
          <p v-for="one in setting.substitutes" :key="one.role" class="row between small">
            <span>{{ t('settings.substitute', { role: t(`role.${one.role}`), piece: index.get(one.pieceId)?.name }) }}</span>
            <el-button class="plain link" @click="store.run(dropSubstitute, key, one.role)">
              {{ t('settings.dropSubstitute') }}
            </el-button>
          </p>
          <CheckField :label="t('settings.dessertAbove')" :model-value="setting.dessertAbove" @update:model-value="change({ dessertAbove: $event })" />
        </div>
      </section>
      <section class="stack whole">
        <div class="pair">
          <SelectField
            :label="t('settings.star')"
            :model-value="setting.starId"
            :none="t('settings.noStar')"
            :choices="stars.map((piece) => ({ value: piece.id, label: piece.name }))"
            @update:model-value="change({ starId: $event })"
            @none="change({ starId: null })"
          />
          <PieceSelect
            :label="t('settings.favor')"
            :model-value="setting.favorId"
            :pieces="favors"
            :none="t('linens.none')"
            @update:model-value="change({ favorId: $event })"
          />
          <PieceSelect
            :label="t('settings.leaves')"
            :model-value="setting.leavesId"
            :pieces="leafy"
            :none="t('linens.none')"
            @update:model-value="change({ leavesId: $event })"
          />
          <SelectField
            :label="t('settings.charger')"
            :model-value="look.kinds.charger"
            :choices="(['stays', 'lifted-before-main', 'none'] as const).map((value) => ({ value, label: t(`settings.chargers.${value}`) }))"
            @update:model-value="store.run(changeKinds, { charger: $event })"
          />
        </div>
        <p v-if="leaves" class="soft small tidy">
          {{ t('settings.leavesTake', { each: leaves.count, all: leaves.count * look.guests.length }) }}
        </p>
        <p v-if="leaves && (look.household.cats || look.household.dogs)" class="soft small tidy">
          {{ t('settings.leavesPets', { name: leaves.stem.name, said: t(`florals.${petCaution(leaves.stem.genus)}`) }) }}
        </p>
        <div class="checks">
          <CheckField :label="t('settings.card')" :model-value="setting.card" @update:model-value="change({ card: $event })" />
          <CheckField
            v-if="look.guests.some((guest) => guest.leftHanded)"
            :label="t('settings.mirror')"
            :model-value="look.kinds.mirrorLeftHanded"
            @update:model-value="store.run(changeKinds, { mirrorLeftHanded: $event })"
          />
          <CheckField
            v-if="look.guests.some(isSmallChild)"
            :label="t('settings.childSafe')"
            :model-value="look.kinds.childSafe"
            @update:model-value="store.run(changeKinds, { childSafe: $event })"
          />
        </div>
      </section>
    </div>
    <p class="row between small">
      <span class="soft">{{ t('settings.minutes', { minutes: Math.ceil(minutes.folding + minutes.laying) }) }}</span>
      <router-link class="link" :to="{ name: 'sheet', params: { id: store.id } }">{{ t('settings.sheet') }}</router-link>
    </p>
  </div>
</template>

<style scoped>
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
</style>
