<script setup lang="ts">
import {
  changeIntent,
  formatDuration,
  literalness,
  moodsOfKind,
  occasionKinds,
  paletteOfAnchor,
  paletteOfRoom,
  tableUses,
  type Intent,
  type Look
} from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '../shell/ChoiceField.vue'
import CountField from '../shell/CountField.vue'
import PieceSelect from '../shell/PieceSelect.vue'
import SelectField from '../shell/SelectField.vue'
import TextField from '../shell/TextField.vue'
import { useLook } from '../stores/lookStore.js'
import AvoidField from './AvoidField.vue'
import CapFields from './CapFields.vue'
import MoodField from './MoodField.vue'
import PaletteField from './PaletteField.vue'
import RoomColors from './RoomColors.vue'
import TouchFields from './TouchFields.vue'

/** What the stylist means with the look: it steers what is composed and what is noticed, and forces nothing. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const intent = computed(() => props.look.intent)
const set = (part: Partial<Intent>) => store.run(changeIntent, part)
const uses = tableUses.map((value) => ({ value, label: t(`meant.use.${value}`) }))
const howLiteral = literalness.map((value) => ({ value, label: t(`meant.literal.${value}`) }))
const kinds = occasionKinds.map((value) => ({ value, label: t(`meant.kind.${value}`) }))
const anchors = computed(() =>
  [...props.look.pieces].filter((piece) => piece.kind !== 'supply' && piece.of === null).sort((a, b) => a.name.localeCompare(b.name))
)
/** Moods the kind of occasion suggests and nobody has taken. */
const suggested = computed(() => (intent.value.kind ? moodsOfKind[intent.value.kind].filter((mood) => !intent.value.moods.includes(mood)) : []))
const effort = computed(() => store.resting?.effort)
const USUAL_MIN = 60

/** What else a palette can come from. */
const sources = computed(() => {
  const { pieces, room } = props.look
  const anchor = pieces.find((piece) => piece.id === intent.value.anchorId)
  return [
    ...(anchor ? [{ label: t('meant.fromAnchor', { name: anchor.name }), palette: paletteOfAnchor(anchor) }] : []),
    ...(room.colors.length > 1 ? [{ label: t('meant.fromRoom'), palette: paletteOfRoom(room.colors) }] : [])
  ]
})
</script>

<template>
  <section class="stack">
    <h3>{{ t('meant.title') }}</h3>
    <SelectField
      :label="t('meant.kindOf')"
      :model-value="intent.kind"
      :choices="kinds"
      :none="t('meant.unsaid')"
      @update:model-value="set({ kind: $event })"
      @none="set({ kind: null })"
    />
    <div class="stack snug">
      <ChoiceField :label="t('meant.useOf')" :model-value="intent.use" :choices="uses" @update:model-value="set({ use: $event })" />
      <p class="soft small tidy">{{ t(`meant.useSays.${intent.use}`) }}</p>
    </div>
    <MoodField :model-value="intent.moods" :suggested="suggested" @update:model-value="set({ moods: $event })" />
    <div class="pair">
      <TextField :label="t('meant.theme')" :placeholder="t('meant.themeAs')" :model-value="intent.theme" @update:model-value="set({ theme: $event })" />
      <SelectField
        :label="t('meant.literalOf')"
        :model-value="intent.literal"
        :choices="howLiteral"
        :none="t('meant.unsaid')"
        @update:model-value="set({ literal: $event })"
        @none="set({ literal: null })"
      />
    </div>
    <PieceSelect
      :label="t('meant.anchor')"
      :model-value="intent.anchorId"
      :pieces="anchors"
      :none="t('meant.noAnchor')"
      @update:model-value="set({ anchorId: $event })"
    />
    <div class="field">
      <span class="label">{{ t('meant.palette') }}</span>
      <PaletteField :palette="intent.palette" :moods="intent.moods" :sources="sources" @change="set({ palette: $event })" />
    </div>
    <div class="field">
      <span class="label">{{ t('meant.caps') }}</span>
      <CapFields :look="look" />
    </div>
    <div class="field">
      <span class="label">{{ t('meant.room.title') }}</span>
      <RoomColors :look="look" />
    </div>
    <div class="field">
      <span class="label">{{ t('meant.touch.title') }}</span>
      <TouchFields :look="look" />
    </div>
    <AvoidField :label="t('meant.avoid')" :words="intent.avoid" @change="set({ avoid: $event })" />
    <div class="field">
      <CountField
        v-if="intent.effortMin !== null"
        :label="t('meant.effort')"
        :model-value="intent.effortMin"
        :min="1"
        :max="6000"
        :step="5"
        @update:model-value="set({ effortMin: $event })"
      />
      <span class="soft small">
        <template v-if="effort">{{
          t('meant.takes', {
            total: formatDuration(effort.totalMin),
            linens: formatDuration(effort.linensMin),
            folding: formatDuration(effort.foldingMin),
            laying: formatDuration(effort.layingMin),
            middle: formatDuration(effort.middleMin)
          })
        }}</template>
        {{ ' ' }}
        <el-button v-if="intent.effortMin === null" class="plain link" @click="set({ effortMin: effort?.totalMin ?? USUAL_MIN })">{{
          t('meant.limit')
        }}</el-button>
        <el-button v-else class="plain link" @click="set({ effortMin: null })">{{ t('meant.noLimit') }}</el-button>
      </span>
    </div>
  </section>
</template>

<style scoped>
.snug {
  gap: 4px;
}
</style>
