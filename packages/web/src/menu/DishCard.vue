<script setup lang="ts">
import {
  formatFood,
  courseKinds,
  eatenWith,
  pieceIndex,
  piecesOf,
  portionKinds,
  services,
  vesselsFor,
  type Dish,
  type Look,
  type Serving,
  type TableDish
} from '@hestiad/core'
import { X } from '@lucide/vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { percent } from '../findings/findingWords.js'
import { usePreferences } from '../stores/preferences.js'
import CheckField from '../shell/CheckField.vue'
import CountField from '../shell/CountField.vue'
import SelectField from '../shell/SelectField.vue'

/** One dish: what it is, how it is served and eaten, what it stands in, and what that comes to. */
const props = defineProps<{ look: Look; dish: Dish; serving: Serving | undefined; onTable: readonly TableDish[] }>()
const emit = defineEmits<{ change: [dish: Dish]; remove: [] }>()
const { t } = useI18n()
const set = (part: Partial<Dish>) => emit('change', { ...props.dish, ...part })
const index = computed(() => pieceIndex(props.look))
const tools = computed(() => piecesOf(props.look, 'tool'))
const vessel = computed(() => index.value.get(props.dish.vesselId ?? ''))
const choices = computed(() => {
  const found = props.serving ? vesselsFor(props.look, props.serving).map((one) => one.piece) : []
  return vessel.value && !found.includes(vessel.value) ? [vessel.value, ...found] : found
})
const reach = computed(() => Math.max(0, ...props.onTable.filter((one) => one.at).map((one) => one.inReach)))
const preferences = usePreferences()
const food = (amount: number, of: 'g' | 'ml') => formatFood(amount, of, preferences.unit)
const told = computed(() => {
  const s = props.serving
  if (!s) return []
  const name = vessel.value?.name ?? ''
  return [
    t('menu.amount', { amount: food(s.amount, s.unit), portions: Math.round(s.portions * 10) / 10 }),
    ...(s.vessels === 0 ? [] : [s.holds === null ? t('menu.noHold') : t('menu.holds', { vessels: s.vessels, piece: name, holds: food(s.holds, s.unit) })]),
    ...(s.vessels === 0 ? [] : [s.toolId === null ? t('menu.noTool') : t('menu.with', { tool: index.value.get(s.toolId)?.name ?? '' })]),
    ...(s.vessels > 0 && s.labels && s.service !== 'plated' ? [t(`menu.food.${s.labels.foodSafe}`)] : []),
    ...(s.liner ? [t('menu.liner')] : []),
    ...(s.protection ? [t(`menu.${s.protection}`)] : []),
    ...(s.label ? [t('menu.label')] : []),
    ...(props.onTable.length > 0 ? [props.onTable.some((one) => one.at) ? t('menu.reach', { share: percent(reach.value) }) : t('menu.noRoom')] : [])
  ]
})
</script>

<template>
  <li>
    <div class="head">
      <input
        class="native"
        :value="dish.name"
        :aria-label="t('menu.name')"
        maxlength="200"
        @change="set({ name: ($event.target as HTMLInputElement).value })"
      />
      <select
        class="native"
        :value="dish.course"
        :aria-label="t('menu.course')"
        @change="set({ course: ($event.target as HTMLSelectElement).value as Dish['course'] })"
      >
        <option v-for="course in courseKinds" :key="course" :value="course">{{ t(`brief.${course}`) }}</option>
      </select>
      <button class="plain" :aria-label="t('menu.remove', { name: dish.name })" @click="emit('remove')"><X :size="15" /></button>
    </div>
    <p class="small soft">{{ told.join(' · ') }}</p>
    <details class="small">
      <summary>{{ t('menu.more') }}</summary>
      <div class="pair">
        <SelectField
          :label="t('menu.vessel')"
          :model-value="dish.vesselId"
          :none="t('menu.noVessel')"
          :choices="choices.map((piece) => ({ value: piece.id, label: `${piece.name} (${piece.owned})` }))"
          @update:model-value="set({ vesselId: $event })"
          @none="set({ vesselId: null })"
        />
        <SelectField
          :label="t('menu.tool')"
          :model-value="dish.toolId"
          :none="t('menu.anyTool')"
          :choices="tools.map((piece) => ({ value: piece.id, label: `${piece.name} (${piece.owned})` }))"
          @update:model-value="set({ toolId: $event })"
          @none="set({ toolId: null })"
        />
        <SelectField
          :label="t('menu.service')"
          :model-value="dish.service"
          :none="t('menu.asMenu')"
          :choices="services.map((value) => ({ value, label: t(`menu.services.${value}`) }))"
          @update:model-value="set({ service: $event })"
          @none="set({ service: null })"
        />
        <SelectField
          :label="t('menu.portion')"
          :model-value="dish.portion"
          :choices="portionKinds.map((value) => ({ value, label: t(`menu.portions.${value}`) }))"
          @update:model-value="set({ portion: $event })"
        />
        <SelectField
          :label="t('menu.eatenWith')"
          :model-value="dish.eatenWith"
          :choices="eatenWith.map((value) => ({ value, label: t(`menu.eaten.${value}`) }))"
          @update:model-value="set({ eatenWith: $event })"
        />
        <SelectField
          :label="t('menu.temperature')"
          :model-value="dish.temperature"
          :choices="(['hot', 'cold', 'room'] as const).map((value) => ({ value, label: t(`menu.temperatures.${value}`) }))"
          @update:model-value="set({ temperature: $event })"
        />
        <CountField :label="t('menu.taken')" :model-value="dish.takenPercent" :step="10" @update:model-value="set({ takenPercent: $event })" />
        <div class="field">
          <label :for="`contains-${dish.id}`">{{ t('menu.contains') }}</label>
          <input
            :id="`contains-${dish.id}`"
            class="native"
            maxlength="200"
            :placeholder="t('menu.containsHint')"
            :value="dish.contains"
            @change="set({ contains: ($event.target as HTMLInputElement).value })"
          />
        </div>
        <div class="field">
          <label :for="`brought-${dish.id}`">{{ t('menu.brought') }}</label>
          <input
            :id="`brought-${dish.id}`"
            class="native"
            maxlength="200"
            :value="dish.broughtBy"
            @change="set({ broughtBy: ($event.target as HTMLInputElement).value })"
          />
        </div>
      </div>
      <div class="checks">
        <CheckField
          v-for="flag in ['wet', 'stains'] as const"
          :key="flag"
          :label="t(`menu.${flag}`)"
          :model-value="dish[flag]"
          @update:model-value="set({ [flag]: $event })"
        />
      </div>
    </details>
  </li>
</template>

<style scoped>
li {
  padding-bottom: 8px;
  border-bottom: 1px solid var(--hairline);
}

.head {
  display: grid;
  grid-template-columns: 1fr 92px 22px;
  gap: 6px;
  align-items: center;
}

p {
  margin: 4px 0;
}

summary {
  color: var(--soft-ink);
  cursor: pointer;
}
</style>
