<script setup lang="ts">
import {
  colorFigures,
  colorHints,
  colorName,
  dishColors,
  lampColor,
  writeCssPalette,
  writeGpl,
  type ColorGroup,
  type ColorNote,
  type Look
} from '@hestiad/core'
import { refDebounced } from '@vueuse/core'
import { computed, ref, toRaw, toRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { list, percent } from '../findings/findingWords.js'
import { saveFile } from '../seat-view/saveFile.js'
import ChangeList from '../changes/ChangeList.vue'
import { useChanges } from '../changes/useChanges.js'
import ColorHints from './ColorHints.vue'
import ColorSpots from './ColorSpots.vue'
import FromSeat from './FromSeat.vue'
import LightnessProfile from './LightnessProfile.vue'
import PalettesBeside from './PalettesBeside.vue'
import ShareStrip from './ShareStrip.vue'
import TogetherTable from './TogetherTable.vue'
import WishedStrip from './WishedStrip.vue'

/** The colors of the table by what is seen of them: shares, where each lies, how light the whole is, what is noticed. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
/** Counted again when nothing was moved for a moment: the Board beside it stays quick. */
const STILL_MS = 250
const still = refDebounced(toRef(props, 'look'), STILL_MS)
const figures = computed(() => colorFigures(toRaw(still.value)))
const hints = computed(() => colorHints(toRaw(still.value), figures.value))
/** For each note what of the cupboard mends it, then for each hint what it names, laid. */
const { lists, of, looking } = useChanges(toRef(props, 'look'), async (look) => ({
  kind: 'colors',
  look,
  notes: figures.value.notes,
  hints: hints.value
}))
const hintLists = computed(() => lists.value.slice(figures.value.notes.length))
const pointed = ref<string>()
const names = computed(() => new Map(props.look.pieces.map((piece) => [piece.id, piece.name])))
const group = computed(() => figures.value.groups.find((one) => one.color === pointed.value))
const piecesOf = (one: ColorGroup) =>
  list([...new Set(one.parts.map((part) => (part.pieceId === null ? t('colors.table') : (names.value.get(part.pieceId) ?? ''))))].slice(0, 5))
const tenth = (value: number) => value.toFixed(1)

function swatchesOf(note: ColorNote): readonly string[] {
  if (note.kind === 'lone' || note.kind === 'unmet' || note.kind === 'outside' || note.kind === 'over') return [note.color]
  if (note.kind === 'quarrel') return [note.a, note.b]
  if (note.kind === 'room') return [note.color, note.roomColor]
  return note.kind === 'whites' ? [note.warm, note.cool] : []
}

function tell(note: ColorNote): string {
  switch (note.kind) {
    case 'lone': {
      const bring = note.byPieceId === null ? '' : ` ${t('colors.note.bring', { name: names.value.get(note.byPieceId) ?? '' })}`
      return t('colors.note.lone', { n: note.things }, note.things) + bring
    }
    case 'lost':
      return t('colors.note.lost', { name: names.value.get(note.pieceId) ?? '', deltaE: tenth(note.deltaE) })
    case 'dark':
      return t('colors.note.dark', { lightness: Math.round(note.lightness) })
    case 'many':
      return t('colors.note.many', { n: note.hues })
    case 'quarrel':
      return t('colors.note.quarrel', { deltaE: tenth(note.deltaE) })
    case 'unmet':
    case 'outside':
      return t(`colors.note.${note.kind}`, { color: colorName(note.color), share: percent(note.share) })
    case 'over':
      return t('colors.note.over', { color: colorName(note.color), share: percent(note.share), most: percent(note.mostPercent / 100) })
    case 'room':
      return t('colors.note.room', { color: colorName(note.color), of: t(`meant.room.of.${note.of}`), roomColor: colorName(note.roomColor) })
    case 'mood':
      return t(note.chroma < note.least ? 'colors.note.moodLess' : 'colors.note.moodMore', { mood: t(`meant.mood.${note.mood}`) })
    case 'metals':
      return t('colors.note.metals', { names: list(note.materials) })
    case 'even':
    case 'whites':
      return t(`colors.note.${note.kind}`)
  }
}

const food = computed(() =>
  list(
    dishColors(props.look, figures.value.groups).map(({ name, color, isMet }) =>
      t(isMet ? 'colors.foodMet' : 'colors.foodAlone', { name, color: colorName(color) })
    )
  )
)
const lamp = computed(() => {
  const hung = lampColor(props.look, figures.value.groups)
  return hung && t(hung.isMet ? 'colors.lampMet' : 'colors.lampAlone', { name: hung.name, color: colorName(hung.color) })
})
const palette = () => figures.value.groups.map((one) => ({ name: `${colorName(one.color)} ${one.role}`, color: one.color }))
const saveGpl = () => saveFile(new Blob([writeGpl(props.look.name, palette())], { type: 'text/plain' }), `${props.look.name}.gpl`)
const saveCss = () => saveFile(new Blob([writeCssPalette(palette())], { type: 'text/css' }), `${props.look.name}.css`)
</script>

<template>
  <div class="stack">
    <section class="stack">
      <h3>{{ t('colors.seen') }}</h3>
      <p class="soft small tidy">{{ t('colors.seenSays') }}</p>
      <ShareStrip v-model="pointed" :groups="figures.groups" />
      <WishedStrip v-if="figures.wished.length > 0" :wished="figures.wished" />
      <ColorSpots :figures="figures" :group="group" />
      <ul class="groups">
        <li
          v-for="one in figures.groups"
          :key="one.color"
          :class="{ on: one.color === pointed }"
          @pointerenter="pointed = one.color"
          @pointerleave="pointed = undefined"
        >
          <span class="swatch" :style="{ background: one.color }" />
          <span class="what">
            <span
              ><strong>{{ colorName(one.color) }}</strong> {{ t(`colors.role.${one.role}`) }}
              <span class="soft small">{{ t(`colors.undertone.${one.undertone}`) }}</span></span
            >
            <span class="soft small">{{ piecesOf(one) }}</span>
            <span class="soft small"
              >{{ t('colors.things', { n: one.things }, one.things)
              }}<template v-if="one.inMiddle > 0">, {{ t('colors.inMiddle', { n: one.inMiddle }) }}</template></span
            >
          </span>
          <strong class="share">{{ percent(one.share) }}</strong>
        </li>
      </ul>
      <p class="soft small tidy">{{ t('colors.neutrals', { share: percent(figures.neutralShare) }) }}</p>
      <p v-if="food" class="soft small tidy">{{ t('colors.food', { dishes: food }) }}</p>
      <p v-if="lamp" class="soft small tidy">{{ lamp }}</p>
      <FromSeat v-if="look.guests.length > 0" :look="still" :above="figures.groups" />
    </section>
    <section class="stack">
      <h3>{{ t('colors.notes') }}</h3>
      <p v-if="figures.notes.length === 0" class="soft tidy">{{ t('colors.none') }}</p>
      <ul v-else class="notes">
        <li v-for="(note, i) in figures.notes" :key="i">
          <span v-if="swatchesOf(note).length > 0" class="pairs"
            ><span v-for="color in swatchesOf(note)" :key="color" class="swatch" :style="{ background: color }"
          /></span>
          <div class="told">
            <span>{{ tell(note) }}</span>
            <template v-if="of === look && lists[i]">
              <span class="soft small">{{ t(lists[i].length > 0 ? 'colors.mend' : 'colors.noMend') }}</span>
              <ChangeList :look="look" :of="of" :changes="lists[i]" />
            </template>
            <el-skeleton v-else-if="looking" :rows="1" animated />
          </div>
        </li>
      </ul>
    </section>
    <ColorHints v-if="hints.length > 0" :look="look" :of="of" :hints="hints" :lists="hintLists" />
    <section class="stack">
      <h3>{{ t('colors.lightness') }}</h3>
      <LightnessProfile :groups="figures.groups" :mean="figures.lightness" />
      <p class="soft small tidy">{{ t('colors.lightnessSays', { mean: Math.round(figures.lightness) }) }}</p>
    </section>
    <PalettesBeside :look="still" :groups="figures.groups" :chroma="figures.chroma" />
    <TogetherTable :look="look" />
    <p class="row small tidy">
      {{ t('colors.save') }}
      <el-button class="plain link" @click="saveGpl">{{ t('colors.saveGpl') }}</el-button>
      <el-button class="plain link" @click="saveCss">{{ t('colors.saveCss') }}</el-button>
    </p>
  </div>
</template>

<style scoped>
.groups,
.notes {
  display: grid;
  gap: 0;
  margin: 0;
  padding: 0;
  list-style: none;
}

.groups li {
  display: grid;
  grid-template-columns: 26px minmax(0, 1fr) auto;
  gap: 10px;
  align-items: start;
  padding: 6px 4px;
  border-bottom: 1px solid var(--hairline);
}

.groups .on {
  background: var(--ember-soft);
}

.swatch {
  width: 24px;
  height: 24px;
  border: 1px solid var(--hairline-strong);
  border-radius: 50%;
}

.what {
  display: grid;
  line-height: 1.35;
}

.share {
  font: 560 16px var(--serif);
}

.told {
  display: grid;
  flex: 1;
  gap: 2px;
}

.notes > li {
  display: flex;
  gap: 10px;
  align-items: start;
  padding: 6px 0;
  border-bottom: 1px solid var(--hairline);
}

.pairs {
  display: flex;
  flex: none;
}

.pairs .swatch + .swatch {
  margin-left: -8px;
}
</style>
