<script setup lang="ts">
import TextField from '../shell/TextField.vue'
import FoldAway from '../shell/FoldAway.vue'
import {
  formatFood,
  courseKinds,
  eatenWith,
  pieceIndex,
  piecesOf,
  portionKinds,
  services,
  vesselsFor,
  whoCannotEat,
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
const eats = computed(() => whoCannotEat(props.dish, props.look.guests))
/** Who cannot eat it, and for whom it is not known. */
const cannot = computed(() => {
  const names = (guests: readonly { readonly name: string }[]) => guests.map((guest) => guest.name).join(', ')
  const said = [
    ...(eats.value.cannot.length > 0 ? [t('menu.cannot', { names: names(eats.value.cannot) })] : []),
    ...(eats.value.unchecked.length > 0 ? [t('menu.unchecked', { names: names(eats.value.unchecked) })] : [])
  ]
  return said.join('; ') || t('menu.allCan')
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
      <TextField bare :label="t('menu.name')" :model-value="dish.name" @update:model-value="set({ name: $event })" />
      <SelectField
        bare
        :label="t('menu.course')"
        :model-value="dish.course"
        :choices="courseKinds.map((value) => ({ value, label: t(`brief.${value}`) }))"
        @update:model-value="set({ course: $event })"
      />
      <SelectField
        bare
        :label="t('menu.portion')"
        :model-value="dish.portion"
        :choices="portionKinds.map((value) => ({ value, label: t(`menu.portions.${value}`) }))"
        @update:model-value="set({ portion: $event })"
      />
      <SelectField
        bare
        :label="t('menu.vessel')"
        :model-value="dish.vesselId"
        :none="t('menu.noVessel')"
        :choices="choices.map((piece) => ({ value: piece.id, label: `${piece.name} (${piece.owned})` }))"
        @update:model-value="set({ vesselId: $event })"
        @none="set({ vesselId: null })"
      />
      <span class="eats small" :class="{ bad: eats.cannot.length > 0 }">{{ cannot }}</span>
      <el-button class="plain remove" :aria-label="t('menu.remove', { name: dish.name })" @click="emit('remove')"><X :size="15" /></el-button>
    </div>
    <p class="small soft">{{ told.join(' · ') }}</p>
    <FoldAway class="small" :title="t('menu.more')">
      <div class="pair">
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
        <TextField
          :label="t('menu.contains')"
          :model-value="dish.contains"
          :placeholder="t('menu.containsHint')"
          @update:model-value="set({ contains: $event })"
        />
        <TextField :label="t('menu.brought')" :model-value="dish.broughtBy" @update:model-value="set({ broughtBy: $event })" />
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
    </FoldAway>
  </li>
</template>

<style scoped>
li {
  padding-bottom: 8px;
  border-bottom: 1px solid var(--hairline);
}

/* one row on a wide panel, three on a narrow one */
.head {
  display: grid;
  grid-template-columns: 1fr 1fr 22px;
  gap: 6px;
  align-items: center;
}

.head > .remove {
  grid-row: 1;
  grid-column: 3;
}

@container work (min-width: 540px) {
  .head {
    grid-template-columns: 1.7fr 1fr 1fr 1.6fr 1.2fr 22px;
  }

  .head > .remove {
    grid-column: 6;
  }
}

p {
  margin: 4px 0;
}
</style>
