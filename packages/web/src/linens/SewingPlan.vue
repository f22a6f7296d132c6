<script setup lang="ts">
import CheckField from '../shell/CheckField.vue'
import TextField from '../shell/TextField.vue'
import { addSewn, beginSewing, changeSewing, changeSewn, cutStock, cuttingPlan, removeSewn, stopSewing, type Look } from '@hestiad/core'
import { X } from '@lucide/vue'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import CountField from '../shell/CountField.vue'
import LengthField from '../shell/LengthField.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'

/** What is sewn: cut sizes, what they take, and ribbon or twine by the roll; the stage draws the cutting plan. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const sewing = computed(() => props.look.linens.sewing)
const plan = computed(() => sewing.value && cuttingPlan(sewing.value))
const nameOf = (id: string) => sewing.value?.items.find((item) => item.id === id)?.name ?? ''
const ribbon = ref({ count: props.look.guests.length, eachMm: 600, rollMm: 10_000 })
const rolls = computed(() => {
  const { count, eachMm, rollMm } = ribbon.value
  if (eachMm > rollMm || count < 1) return undefined
  const cut = cutStock(Math.round(rollMm), [{ length: Math.round(eachMm), count }])
  return { rolls: cut.rolls, leftMm: cut.rolls * rollMm - count * eachMm }
})

const set = (part: Parameters<typeof changeSewing>[1]) => store.run(changeSewing, part)
</script>

<template>
  <section class="stack" :aria-label="t('sewing.title')">
    <div class="row between">
      <h3>{{ t('sewing.title') }}</h3>
      <el-button class="plain link small" @click="sewing ? store.run(stopSewing) : store.run(beginSewing, t('sewing.napkins'))">
        {{ t(sewing ? 'sewing.drop' : 'sewing.begin') }}
      </el-button>
    </div>
    <template v-if="sewing && plan">
      <div class="pair">
        <LengthField
          :label="t('sewing.fabric')"
          :model-value="sewing.fabricWidthMm"
          :min-mm="200"
          :max-mm="5000"
          @update:model-value="set({ fabricWidthMm: $event })"
        />
        <LengthField :label="t('sewing.hem')" :model-value="sewing.hemMm" :min-mm="0" :max-mm="200" @update:model-value="set({ hemMm: $event })" />
        <CountField :label="t('sewing.shrink')" :model-value="sewing.shrinkPercent" :max="30" @update:model-value="set({ shrinkPercent: $event })" />
      </div>
      <CheckField class="small" :label="t('sewing.turn')" :model-value="sewing.mayTurn" @update:model-value="set({ mayTurn: $event })" />
      <div v-for="item in sewing.items" :key="item.id" class="item">
        <TextField bare :label="t('sewing.item')" :model-value="item.name" @update:model-value="store.run(changeSewn, item.id, { name: $event })" />
        <el-button class="plain" :aria-label="t('sewing.remove', { name: item.name })" @click="store.run(removeSewn, item.id)">
          <X :size="14" />
        </el-button>
        <LengthField
          :label="t('sewing.length')"
          :model-value="item.lengthMm"
          :max-mm="15000"
          @update:model-value="store.run(changeSewn, item.id, { lengthMm: $event })"
        />
        <LengthField
          :label="t('sewing.width')"
          :model-value="item.widthMm"
          :max-mm="5000"
          @update:model-value="store.run(changeSewn, item.id, { widthMm: $event })"
        />
        <CountField
          :label="t('sewing.count')"
          :model-value="item.count"
          :min="1"
          :max="500"
          @update:model-value="store.run(changeSewn, item.id, { count: $event })"
        />
      </div>
      <el-button size="small" @click="store.run(addSewn, look.table.name)">{{ t('sewing.add') }}</el-button>
      <p class="small">{{ t('sewing.takes', { length: length(plan.fabricMm), bound: length(plan.boundMm) }) }}</p>
      <p v-for="panel in plan.panels" :key="panel.itemId" class="small">{{ t('sewing.panels', { name: nameOf(panel.itemId), ...panel }, panel.seams) }}</p>
      <h3>{{ t('sewing.ribbon') }}</h3>
      <div class="pair">
        <CountField v-model="ribbon.count" :label="t('sewing.ribbonFor')" :min="1" :max="500" />
        <LengthField v-model="ribbon.eachMm" :label="t('sewing.ribbonEach')" :max-mm="20000" />
        <LengthField v-model="ribbon.rollMm" :label="t('sewing.ribbonRoll')" :max-mm="20000" />
      </div>
      <p v-if="rolls" class="small">{{ t('sewing.ribbonTakes', { rolls: rolls.rolls, left: length(rolls.leftMm) }, rolls.rolls) }}</p>
    </template>
  </section>
</template>

<style scoped>
h3,
p {
  margin: 0;
}

.item {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr 22px;
  gap: 6px;
  align-items: end;
}

.item > input {
  grid-column: 1 / 4;
}
</style>
