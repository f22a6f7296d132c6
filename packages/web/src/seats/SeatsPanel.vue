<script setup lang="ts">
import { addGuest, changeGuest, changeSchool, changeTable, exchangeSeats, fitToTable, removeGuest, standings, type Look } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '../shell/ChoiceField.vue'
import { useLook } from '../stores/lookStore.js'
import GuestRow from './GuestRow.vue'
import FoldAway from '../shell/FoldAway.vue'
import PasteNames from './PasteNames.vue'
import RoomFields from './RoomFields.vue'
import SeatingWishes from './SeatingWishes.vue'
import TableDesigner from './TableDesigner.vue'
import TableFields from './TableFields.vue'

/** The table, the room and the company. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const capacity = computed(() => store.resting?.seats.capacity)

const astray = computed(() => store.findings.filter((finding) => finding.code === 'piece.off' || finding.code === 'piece.setting').length)
const fitted = ref<string>()

/** Brings what stands in the middle onto the table there is now. */
function fit(): void {
  const { edit, moved, off } = fitToTable(props.look)
  const name = (id: string) => standings(props.look).find((piece) => piece.placed.id === id)?.piece.name ?? ''
  fitted.value =
    off.length > 0 ? t('seats.fittedOff', { n: moved.length, names: off.map(name).join(', ') }) : t('seats.fitted', { n: moved.length }, moved.length)
  store.apply(edit)
}
</script>

<template>
  <div class="stack">
    <div class="row between">
      <h3>{{ t('brief.guests') }}</h3>
      <PasteNames :look="look" />
    </div>
    <ol>
      <GuestRow
        v-for="(guest, i) in look.guests"
        :key="guest.id"
        :guest="guest"
        :guests="look.guests"
        :number="i + 1"
        @change="store.run(changeGuest, $event)"
        @remove="store.run(removeGuest, guest.id)"
        @move="store.run(exchangeSeats, i + 1, i + 1 + $event)"
        @exchange="store.run(exchangeSeats, i + 1, look.guests.findIndex((other) => other.id === $event) + 1)"
      />
    </ol>
    <el-button size="small" :disabled="look.guests.length >= 100" @click="store.run(addGuest, t('seats.guestName', { n: look.guests.length + 1 }))">{{
      t('brief.addGuest')
    }}</el-button>
    <hr class="rule" />
    <SeatingWishes :look="look" />
    <hr class="rule" />
    <FoldAway :title="t('seats.tableForm')" open>
      <TableDesigner :model-value="look.table" @update:model-value="store.run(changeTable, $event)" />
      <div v-if="astray > 0 || fitted" class="row between small">
        <span role="status">{{ fitted ?? t('seats.astray', { n: astray }, astray) }}</span>
        <el-button v-if="astray > 0" size="small" @click="fit">{{ t('seats.fit') }}</el-button>
      </div>
      <p v-if="capacity" class="soft small tidy">{{ t('brief.capacity', { ...capacity }) }}</p>
      <ChoiceField
        :label="t('brief.comfort')"
        :model-value="look.school.comfort"
        :choices="(['tight', 'usual', 'roomy'] as const).map((value) => ({ value, label: t(`brief.${value}`) }))"
        @update:model-value="store.run(changeSchool, { comfort: $event })"
      />
      <TableFields :model-value="look.table" @update:model-value="store.run(changeTable, $event)" />
    </FoldAway>
    <RoomFields :look="look" />
    <p class="soft small tidy">{{ t('brief.caution') }}</p>
  </div>
</template>

<style scoped>
ol {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
