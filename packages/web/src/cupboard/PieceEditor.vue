<script setup lang="ts">
import ColorField from '../shell/ColorField.vue'
import SelectField from '../shell/SelectField.vue'
import CheckField from '../shell/CheckField.vue'
import TextField from '../shell/TextField.vue'
import {
  keptBehind,
  costPerUseCents,
  firstCares,
  formatMoney,
  materials,
  pieceKinds,
  withUsualSizes,
  type CupboardItem,
  type Piece,
  type Uses
} from '@hestiad/core'
import { X } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { list } from '../findings/findingWords.js'
import { usePreferences } from '../stores/preferences.js'
import { photoColors } from '../workers/photoColors.js'
import CountField from '../shell/CountField.vue'
import PhotoInput from '../shell/PhotoInput.vue'
import LengthField from '../shell/LengthField.vue'
import CarryFields from './CarryFields.vue'
import FactFields from './FactFields.vue'
import FlawFields from './FlawFields.vue'
import FamilyLine from './FamilyLine.vue'
import KindFields from './KindFields.vue'
import { choicesOf, freeId, reshaped, sizesOf, usualTroughMm } from './kindFields.js'
import OtherUses from './OtherUses.vue'
import PieceTile from './PieceTile.vue'

/** One piece with all that is known of it; every change is kept as it is made. */
const props = defineProps<{ item: CupboardItem; items: readonly CupboardItem[]; uses: Uses }>()
const emit = defineEmits<{ change: [item: CupboardItem]; close: []; remove: [item: CupboardItem]; add: [item: CupboardItem] }>()
const { t } = useI18n()
const preferences = usePreferences()
const colors = ref<Awaited<ReturnType<typeof photoColors>>>([])
const problem = ref('')
watch(
  () => props.item.piece.id,
  () => {
    colors.value = []
    problem.value = ''
  }
)
const piece = computed(() => props.item.piece)
const perUse = computed(() => costPerUseCents(props.item.facts.paidCents, props.uses))
const hidden = computed(() => keptBehind(props.items, piece.value.id).map((one) => one.piece.name))
const choice = computed(() => choicesOf[piece.value.kind])

function set(part: object, measured: string[] = []): void {
  const assumed = props.item.facts.assumed.filter((name) => !measured.includes(name))
  emit('change', { piece: { ...piece.value, ...part } as Piece, facts: { ...props.item.facts, assumed } })
}

/** A color of the photo is in doubt until somebody corrects it by hand or says that it is right. */
function takeColor(color: string): void {
  emit('change', { piece: { ...piece.value, color } as Piece, facts: { ...props.item.facts, assumed: [...new Set([...props.item.facts.assumed, 'color'])] } })
}

const sizesAssumed = computed(() => props.item.facts.assumed.filter((name) => name !== 'color'))

/** A piece of another kind keeps what both have; the rest is the usual, and told so. */
function setKind(kind: string): void {
  const { id, name, color, accent, material, owned, kept, first, of, pattern, foodSafe, heatSafe, bareBack } = piece.value
  const usual = withUsualSizes({ kind, id, name, color, accent, material, owned, kept, first, of, pattern, foodSafe, heatSafe, bareBack })
  emit('change', { piece: usual.piece as unknown as Piece, facts: { ...props.item.facts, assumed: usual.assumed } })
}

/** What only a trough has is its length: the usual one until somebody measures it. */
function setChoice(field: string, value: unknown): void {
  if (piece.value.kind !== 'vessel') return set({ [field]: value }, [field])
  const lengthMm = value === 'trough' ? (piece.value.lengthMm ?? usualTroughMm(piece.value)) : null
  const assumed = props.item.facts.assumed.filter((name) => name !== field && name !== 'lengthMm')
  const facts = { ...props.item.facts, assumed: lengthMm === null ? assumed : [...assumed, 'lengthMm'] }
  emit('change', { piece: { ...piece.value, [field]: value, lengthMm } as Piece, facts })
}

function setFirst(care: (typeof firstCares)[number], on: boolean): void {
  set({ first: firstCares.filter((one) => (one === care ? on : piece.value.first.includes(one))) })
}

/** A new photo, and the colors taken from it; without them it is kept all the same. */
async function takePhoto(photoId: string): Promise<void> {
  setPhoto(photoId)
  try {
    colors.value = await photoColors(photoId)
  } catch (error) {
    problem.value = (error as Error).message
  }
}

/** The piece once more, to be changed into its like: another size, another color. */
function copyOf(): CupboardItem {
  const name = t('cupboard.copyName', { name: piece.value.name })
  const id = freeId(name, new Set(props.items.map((one) => one.piece.id)))
  return { piece: { ...piece.value, id, name }, facts: { ...props.item.facts, photoId: null } }
}

function setPhoto(photoId: string | null): void {
  colors.value = []
  emit('change', { ...props.item, facts: { ...props.item.facts, photoId } })
}
</script>

<template>
  <section class="stack" :aria-label="piece.name">
    <div class="row between">
      <h2>{{ piece.name }}</h2>
      <el-button class="plain" :aria-label="t('cupboard.close')" @click="emit('close')"><X :size="17" /></el-button>
    </div>
    <div class="picture"><PieceTile :item="item" /></div>
    <p class="row between small">
      <PhotoInput :label="t('cupboard.takePhoto')" @kept="takePhoto" @problem="problem = $event" />
      <el-button v-if="item.facts.photoId" class="plain link" @click="setPhoto(null)">{{ t('cupboard.dropPhoto') }}</el-button>
    </p>
    <p v-if="problem" class="bad small" role="alert">{{ problem }}</p>
    <div v-if="colors.length > 0" class="small">
      {{ t('cupboard.photoColors') }}
      <div class="row">
        <el-button
          v-for="one in colors"
          :key="one.color"
          class="plain chip"
          :style="{ background: one.color }"
          :aria-label="`${t('cupboard.color')} ${one.color}, ${Math.round(one.share * 100)} %`"
          @click="takeColor(one.color)"
        />
      </div>
    </div>
    <TextField :label="t('cupboard.name')" :model-value="piece.name" @update:model-value="$event.trim() && set({ name: $event.trim() })" />
    <div class="pair">
      <SelectField
        :label="t('cupboard.kind')"
        :model-value="piece.kind"
        :choices="pieceKinds.map((value) => ({ value, label: t(`kind.${value}`) }))"
        @update:model-value="setKind"
      />
      <SelectField
        v-if="choice"
        :label="t('cupboard.role')"
        :model-value="(piece as unknown as Record<string, string>)[choice.field] ?? null"
        :choices="choice.values.map((value) => ({ value, label: value.replace(/-/g, ' ') }))"
        @update:model-value="setChoice(choice.field, $event)"
      />
      <CountField :label="t('cupboard.owned')" :model-value="piece.owned" :max="100000" @update:model-value="set({ owned: $event })" />
      <SelectField
        :label="t('cupboard.material')"
        :model-value="piece.material"
        :choices="materials.map((value) => ({ value, label: value }))"
        @update:model-value="set({ material: $event })"
      />
      <TextField class="wide" :label="t('cupboard.kept')" :model-value="piece.kept" @update:model-value="set({ kept: $event })" />
      <ColorField
        v-for="name in ['color', 'accent'] as const"
        :key="name"
        :label="t(`cupboard.${name}`)"
        :model-value="piece[name]"
        @update:model-value="set({ [name]: $event }, [name])"
      />
      <p v-if="item.facts.assumed.includes('color')" class="soft small wide tidy">
        {{ t('cupboard.colorDoubt') }} <el-button class="plain link" @click="set({}, ['color'])">{{ t('cupboard.colorRight') }}</el-button>
      </p>
      <template v-if="'extent' in piece">
        <SelectField
          class="wide"
          :label="t('cupboard.shape')"
          :model-value="piece.extent.kind"
          :choices="(['rectangle', 'square', 'round', 'oval'] as const).map((value) => ({ value, label: t(`cupboard.shapes.${value}`) }))"
          @update:model-value="set({ extent: reshaped(piece.extent, $event) }, ['extent'])"
        />
        <LengthField
          v-for="[name, mm] in sizesOf(piece.extent)"
          :key="name"
          :label="t(`cupboard.sizes.${name}`)"
          :model-value="mm"
          @update:model-value="set({ extent: { ...piece.extent, [name]: $event } }, ['extent'])"
        />
      </template>
      <LengthField
        v-for="[name, mm] in sizesOf(piece)"
        :key="name"
        :label="t(`cupboard.sizes.${name}`)"
        :model-value="mm"
        :min-mm="0"
        @update:model-value="set({ [name]: $event }, [name])"
      />
    </div>
    <KindFields :piece="piece" @change="set" />
    <p v-if="sizesAssumed.length > 0" class="soft small">
      {{ t('cupboard.assumed', { sizes: list(sizesAssumed.map((name) => t(`cupboard.sizes.${name}`, name))) }) }}
    </p>
    <fieldset class="checks">
      <legend>{{ t('cupboard.first') }}</legend>
      <CheckField
        v-for="care in firstCares"
        :key="care"
        :label="t(`cupboard.care.${care}`)"
        :model-value="piece.first.includes(care)"
        @update:model-value="setFirst(care, $event)"
      />
    </fieldset>
    <p class="soft small">
      {{ t('cupboard.uses', { past: uses.past, planned: uses.planned }) }}
      <template v-if="perUse.soFar !== null">{{ t('cupboard.useSoFar', { cents: formatMoney(perUse.soFar, preferences.currency) }) }}</template>
      <template v-if="perUse.planned !== null && perUse.planned !== perUse.soFar">{{
        t('cupboard.usePlanned', { cents: formatMoney(perUse.planned, preferences.currency) })
      }}</template>
    </p>
    <CarryFields :piece="piece" @change="set" />
    <FlawFields v-if="'flaws' in piece" :flaws="piece.flaws" @change="set({ flaws: $event })" />
    <p v-if="hidden.length > 0" class="small tidy">{{ t('cupboard.behindIt', { names: hidden.join(', ') }) }}</p>
    <FamilyLine :item="item" :items="items" />
    <OtherUses :item="item" @add="emit('add', $event)" />
    <FactFields :item="item" :items="items" @change="emit('change', $event)" />
    <el-button class="plain link small" @click="emit('add', copyOf())">{{ t('cupboard.duplicate') }}</el-button>
    <el-button class="plain link small" :disabled="item.facts.doNotRemove" @click="emit('remove', item)">{{ t('cupboard.remove') }}</el-button>
  </section>
</template>

<style scoped>
h2 {
  margin: 0;
  font: 560 19px var(--serif);
}

.picture {
  height: 150px;
}

.chip {
  width: 34px;
  height: 26px;
  border: 1px solid var(--hairline-strong);
  border-radius: var(--radius);
  cursor: pointer;
}

p {
  margin: 0;
}
</style>
