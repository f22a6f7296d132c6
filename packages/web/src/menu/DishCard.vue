<script setup lang="ts">
import { courseKinds, eatenWith, pieceIndex, portionKinds, services, vesselsFor, type Dish, type Look, type Serving, type TableDish } from '@hestiad/core'
import { X } from '@lucide/vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { percent } from '../findings/findingWords.js'
import CountField from '../shell/CountField.vue'

/** One dish: what it is, how it is served and eaten, what it stands in, and what that comes to. */
const props = defineProps<{ look: Look; dish: Dish; serving: Serving | undefined; onTable: readonly TableDish[] }>()
const emit = defineEmits<{ change: [dish: Dish]; remove: [] }>()
const { t } = useI18n()
const set = (part: Partial<Dish>) => emit('change', { ...props.dish, ...part })
const vessel = computed(() => pieceIndex(props.look).get(props.dish.vesselId ?? ''))
const choices = computed(() => {
  const found = props.serving ? vesselsFor(props.look, props.serving).map((one) => one.piece) : []
  return vessel.value && !found.includes(vessel.value) ? [vessel.value, ...found] : found
})
const reach = computed(() => Math.max(0, ...props.onTable.filter((one) => one.at).map((one) => one.inReach)))
const told = computed(() => {
  const s = props.serving
  if (!s) return []
  const name = vessel.value?.name.toLowerCase() ?? ''
  return [
    t('menu.amount', { amount: s.amount, unit: s.unit, portions: Math.round(s.portions * 10) / 10 }),
    ...(s.vessels === 0 ? [] : [s.holds === null ? t('menu.noHold') : t('menu.holds', { vessels: s.vessels, piece: name, holds: s.holds, unit: s.unit })]),
    ...(s.vessels === 0 ? [] : [t('menu.with', { tool: t(`menu.tools.${s.tool}`) })]),
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
        <div class="field">
          <label :for="`vessel-${dish.id}`">{{ t('menu.vessel') }}</label>
          <select
            :id="`vessel-${dish.id}`"
            class="native"
            :value="dish.vesselId ?? ''"
            @change="set({ vesselId: ($event.target as HTMLSelectElement).value || null })"
          >
            <option value="">{{ t('menu.noVessel') }}</option>
            <option v-for="piece in choices" :key="piece.id" :value="piece.id">{{ piece.name }} ({{ piece.owned }})</option>
          </select>
        </div>
        <div class="field">
          <label :for="`service-${dish.id}`">{{ t('menu.service') }}</label>
          <select
            :id="`service-${dish.id}`"
            class="native"
            :value="dish.service ?? ''"
            @change="set({ service: (($event.target as HTMLSelectElement).value || null) as Dish['service'] })"
          >
            <option value="">{{ t('menu.asMenu') }}</option>
            <option v-for="service in services" :key="service" :value="service">{{ t(`menu.services.${service}`) }}</option>
          </select>
        </div>
        <div class="field">
          <label :for="`portion-${dish.id}`">{{ t('menu.portion') }}</label>
          <select
            :id="`portion-${dish.id}`"
            class="native"
            :value="dish.portion"
            @change="set({ portion: ($event.target as HTMLSelectElement).value as Dish['portion'] })"
          >
            <option v-for="portion in portionKinds" :key="portion" :value="portion">{{ t(`menu.portions.${portion}`) }}</option>
          </select>
        </div>
        <div class="field">
          <label :for="`eaten-${dish.id}`">{{ t('menu.eatenWith') }}</label>
          <select
            :id="`eaten-${dish.id}`"
            class="native"
            :value="dish.eatenWith"
            @change="set({ eatenWith: ($event.target as HTMLSelectElement).value as Dish['eatenWith'] })"
          >
            <option v-for="how in eatenWith" :key="how" :value="how">{{ t(`menu.eaten.${how}`) }}</option>
          </select>
        </div>
        <div class="field">
          <label :for="`temperature-${dish.id}`">{{ t('menu.temperature') }}</label>
          <select
            :id="`temperature-${dish.id}`"
            class="native"
            :value="dish.temperature"
            @change="set({ temperature: ($event.target as HTMLSelectElement).value as Dish['temperature'] })"
          >
            <option v-for="value in ['hot', 'cold', 'room']" :key="value" :value="value">{{ t(`menu.temperatures.${value}`) }}</option>
          </select>
        </div>
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
        <label v-for="flag in ['wet', 'stains'] as const" :key="flag"
          ><input type="checkbox" :checked="dish[flag]" @change="set({ [flag]: ($event.target as HTMLInputElement).checked })" /> {{ t(`menu.${flag}`) }}</label
        >
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
