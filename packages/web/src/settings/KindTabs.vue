<script setup lang="ts">
import { addKind, changeKinds, giveKind, kindKeys, kindsByPlace, kindSpreads, removeKind, seatPlan, sharedTraits, type KindKey, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import SelectField from '../shell/SelectField.vue'
import { useLook } from '../stores/lookStore.js'

/** The kinds of setting a look has, which one is shown, and who has which. */
const props = defineProps<{ look: Look }>()
const shown = defineModel<KindKey>({ required: true })
const { t } = useI18n()
const store = useLook()
const keys = computed(() => kindKeys(props.look))
const byPlace = computed(() => kindsByPlace(props.look, seatPlan(props.look).places))
const traits = computed(() => sharedTraits(props.look).slice(0, 4))
const count = (key: KindKey) => byPlace.value.filter((one) => one === key).length

function add(): void {
  store.run(addKind)
  shown.value = store.look?.kinds.others.at(-1)?.key ?? 'A'
}

function remove(): void {
  store.run(removeKind, shown.value)
  shown.value = 'A'
}
</script>

<template>
  <div class="stack">
    <div class="row between">
      <div class="kinds" role="group" :aria-label="t('settings.kinds')">
        <el-button
          v-for="key in keys"
          :key="key"
          class="plain"
          :aria-pressed="shown === key"
          :title="t('settings.kindOf', { key, n: count(key) }, count(key))"
          @click="shown = key"
        >
          {{ key }} <span class="soft small">{{ count(key) }}</span>
        </el-button>
      </div>
      <span class="row small">
        <el-button v-if="keys.length < 3" class="plain link" @click="add">{{ t('settings.addKind') }}</el-button>
        <el-button v-if="shown !== 'A'" class="plain link" @click="remove">{{ t('settings.removeKind', { key: shown }) }}</el-button>
      </span>
    </div>
    <SelectField
      v-if="keys.length > 1"
      :label="t('settings.spread')"
      :model-value="look.kinds.spread"
      :choices="kindSpreads.map((value) => ({ value, label: t(`settings.spreads.${value}`) }))"
      @update:model-value="store.run(changeKinds, { spread: $event })"
    />
    <p v-if="keys.length > 1" class="soft small tidy">
      {{
        traits.length > 0
          ? t('settings.shared', { traits: traits.map((trait) => t(`settings.trait.${trait.of}`, { word: trait.word })).join(', ') })
          : t('settings.nothingShared')
      }}
    </p>
    <ul v-if="look.kinds.spread === 'by-guest'" class="lines small">
      <li v-for="(guest, i) in look.guests" :key="guest.id">
        <span>{{ guest.name }}</span>
        <SelectField
          bare
          :label="guest.name"
          :model-value="byPlace[i] ?? 'A'"
          :choices="keys.map((key) => ({ value: key, label: key }))"
          @update:model-value="store.run(giveKind, guest.id, $event)"
        />
      </li>
    </ul>
  </div>
</template>

<style scoped>
.kinds {
  display: flex;
  gap: 6px;
}

.kinds button {
  justify-content: center;
  min-width: 44px;
  padding: 0 8px;
  height: 30px;
  border: 1px solid var(--hairline-strong);
  border-radius: var(--radius);
  background: none;
  color: var(--ink);
  font: 600 14px var(--sans);
  cursor: pointer;
}

.kinds .small {
  margin-left: 3px;
}

.kinds button[aria-pressed='true'] {
  border-color: var(--ember);
  background: var(--ember-soft);
}
</style>
