<script setup lang="ts">
import { costPerUseCents, firstCares, formatAmount, materials, pieceKinds, withUsualSizes, type CupboardItem, type Piece, type Uses } from '@hestiad/core'
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
import { choicesOf, reshaped, sizesOf } from './kindFields.js'
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
const choice = computed(() => choicesOf[piece.value.kind])

function set(part: object, measured: string[] = []): void {
  const assumed = props.item.facts.assumed.filter((name) => !measured.includes(name))
  emit('change', { piece: { ...piece.value, ...part } as Piece, facts: { ...props.item.facts, assumed } })
}

/** A piece of another kind keeps what both have; the rest is the usual, and told so. */
function setKind(kind: string): void {
  const { id, name, color, accent, material, owned, kept, first, of, pattern, foodSafe, heatSafe, bareBack } = piece.value
  const usual = withUsualSizes({ kind, id, name, color, accent, material, owned, kept, first, of, pattern, foodSafe, heatSafe, bareBack })
  emit('change', { piece: usual.piece as unknown as Piece, facts: { ...props.item.facts, assumed: usual.assumed } })
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

function setPhoto(photoId: string | null): void {
  colors.value = []
  emit('change', { ...props.item, facts: { ...props.item.facts, photoId } })
}
</script>

<template>
  <section class="stack" :aria-label="piece.name">
    <div class="row between">
      <h2>{{ piece.name }}</h2>
      <button class="plain" :aria-label="t('cupboard.close')" @click="emit('close')"><X :size="17" /></button>
    </div>
    <div class="picture"><PieceTile :item="item" /></div>
    <p class="row between small">
      <PhotoInput :label="t('cupboard.takePhoto')" @kept="takePhoto" @problem="problem = $event" />
      <button v-if="item.facts.photoId" class="plain link" @click="setPhoto(null)">{{ t('cupboard.dropPhoto') }}</button>
    </p>
    <p v-if="problem" class="bad small" role="alert">{{ problem }}</p>
    <div v-if="colors.length > 0" class="small">
      {{ t('cupboard.photoColors') }}
      <div class="row">
        <button
          v-for="one in colors"
          :key="one.color"
          class="chip"
          :style="{ background: one.color }"
          :aria-label="`${t('cupboard.color')} ${one.color}, ${Math.round(one.share * 100)} %`"
          @click="set({ color: one.color })"
        />
      </div>
    </div>
    <div class="field">
      <label for="piece-name">{{ t('cupboard.name') }}</label>
      <input
        id="piece-name"
        class="native"
        maxlength="200"
        :value="piece.name"
        @change="($event.target as HTMLInputElement).value.trim() && set({ name: ($event.target as HTMLInputElement).value.trim() })"
      />
    </div>
    <div class="pair">
      <div class="field">
        <label for="piece-kind">{{ t('cupboard.kind') }}</label>
        <select id="piece-kind" class="native" :value="piece.kind" @change="setKind(($event.target as HTMLSelectElement).value)">
          <option v-for="kind in pieceKinds" :key="kind" :value="kind">{{ t(`kind.${kind}`) }}</option>
        </select>
      </div>
      <div v-if="choice" class="field">
        <label for="piece-role">{{ t('cupboard.role') }}</label>
        <select
          id="piece-role"
          class="native"
          :value="(piece as unknown as Record<string, string>)[choice.field]"
          @change="set({ [choice.field]: ($event.target as HTMLSelectElement).value }, [choice.field])"
        >
          <option v-for="value in choice.values" :key="value" :value="value">{{ value.replace(/-/g, ' ') }}</option>
        </select>
      </div>
      <CountField :label="t('cupboard.owned')" :model-value="piece.owned" :max="100000" @update:model-value="set({ owned: $event })" />
      <div class="field">
        <label for="piece-material">{{ t('cupboard.material') }}</label>
        <select id="piece-material" class="native" :value="piece.material" @change="set({ material: ($event.target as HTMLSelectElement).value })">
          <option v-for="material in materials" :key="material" :value="material">{{ material }}</option>
        </select>
      </div>
      <div class="field wide">
        <label for="piece-kept">{{ t('cupboard.kept') }}</label>
        <input id="piece-kept" class="native" maxlength="200" :value="piece.kept" @change="set({ kept: ($event.target as HTMLInputElement).value })" />
      </div>
      <div v-for="name in ['color', 'accent'] as const" :key="name" class="field">
        <label :for="`piece-${name}`">{{ t(`cupboard.${name}`) }}</label>
        <input :id="`piece-${name}`" class="native" type="color" :value="piece[name]" @change="set({ [name]: ($event.target as HTMLInputElement).value })" />
      </div>
      <template v-if="'extent' in piece">
        <div class="field wide">
          <label for="piece-shape">{{ t('cupboard.shape') }}</label>
          <select
            id="piece-shape"
            class="native"
            :value="piece.extent.kind"
            @change="set({ extent: reshaped(piece.extent, ($event.target as HTMLSelectElement).value as never) }, ['extent'])"
          >
            <option v-for="shape in ['rectangle', 'square', 'round', 'oval']" :key="shape" :value="shape">{{ t(`cupboard.shapes.${shape}`) }}</option>
          </select>
        </div>
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
    <p v-if="item.facts.assumed.length > 0" class="soft small">
      {{ t('cupboard.assumed', { sizes: list(item.facts.assumed.map((name) => t(`cupboard.sizes.${name}`, name))) }) }}
    </p>
    <fieldset class="checks">
      <legend>{{ t('cupboard.first') }}</legend>
      <label v-for="care in firstCares" :key="care"
        ><input type="checkbox" :checked="piece.first.includes(care)" @change="setFirst(care, ($event.target as HTMLInputElement).checked)" />
        {{ t(`cupboard.care.${care}`) }}</label
      >
    </fieldset>
    <p class="soft small">
      {{ t('cupboard.uses', { past: uses.past, planned: uses.planned }) }}
      <template v-if="perUse.soFar !== null">{{ t('cupboard.useSoFar', { cents: formatAmount(perUse.soFar, preferences.currency) }) }}</template>
      <template v-if="perUse.planned !== null && perUse.planned !== perUse.soFar">{{
        t('cupboard.usePlanned', { cents: formatAmount(perUse.planned, preferences.currency) })
      }}</template>
    </p>
    <CarryFields :piece="piece" @change="set" />
    <FlawFields v-if="'flaws' in piece" :flaws="piece.flaws" @change="set({ flaws: $event })" />
    <FamilyLine :item="item" :items="items" />
    <OtherUses :item="item" @add="emit('add', $event)" />
    <FactFields :item="item" @change="emit('change', $event)" />
    <button class="plain link small" :disabled="item.facts.doNotRemove" @click="emit('remove', item)">{{ t('cupboard.remove') }}</button>
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
