<script setup lang="ts">
import { fitToTable, newGuest, standings, type Guest, type Look } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '../shell/ChoiceField.vue'
import { useLook } from '../stores/lookStore.js'
import GuestRow from './GuestRow.vue'
import RoomFields from './RoomFields.vue'
import SeatingWishes from './SeatingWishes.vue'
import TableDesigner from './TableDesigner.vue'
import TableFields from './TableFields.vue'

/** The table, the room and the company. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const capacity = computed(() => store.resting?.seats.capacity)
type Guests = Parameters<Parameters<typeof store.edit>[1]>[0]['guests']

function setTable(table: Look['table']): void {
  store.edit('table', (d) => void (d.table = table as typeof d.table))
}

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

function addGuest(): void {
  store.edit('guests', (draft) => {
    let number = draft.guests.length + 1
    while (draft.guests.some((g) => g.id === `guest-${number}`)) number++
    draft.guests.push({ ...newGuest(number), name: `Guest ${draft.guests.length + 1}` } as Guests[number])
  })
}

function changeGuest(i: number, guest: Guest): void {
  store.edit('guests', (draft) => void (draft.guests[i] = guest as Guests[number]))
}

function exchange(i: number, j: number): void {
  if (i < 0 || j < 0 || i >= props.look.guests.length || j >= props.look.guests.length) return
  store.edit('seating', (draft) => void ([draft.guests[i], draft.guests[j]] = [draft.guests[j]!, draft.guests[i]!]))
}
</script>

<template>
  <div class="stack">
    <TableDesigner :model-value="look.table" @update:model-value="setTable" />
    <div v-if="astray > 0 || fitted" class="row between small">
      <span role="status">{{ fitted ?? t('seats.astray', { n: astray }, astray) }}</span>
      <el-button v-if="astray > 0" size="small" @click="fit">{{ t('seats.fit') }}</el-button>
    </div>
    <p v-if="capacity" class="soft small tidy">{{ t('brief.capacity', { ...capacity }) }}</p>
    <ChoiceField
      :label="t('brief.comfort')"
      :model-value="look.school.comfort"
      :choices="(['tight', 'usual', 'roomy'] as const).map((value) => ({ value, label: t(`brief.${value}`) }))"
      @update:model-value="store.edit('school', (d) => void (d.school.comfort = $event))"
    />
    <TableFields :model-value="look.table" @update:model-value="setTable" />
    <RoomFields :look="look" />
    <hr class="rule" />
    <SeatingWishes :look="look" />
    <hr class="rule" />
    <h3>{{ t('brief.guests') }}</h3>
    <ol>
      <GuestRow
        v-for="(guest, i) in look.guests"
        :key="guest.id"
        :guest="guest"
        :guests="look.guests"
        :number="i + 1"
        @change="changeGuest(i, $event)"
        @remove="store.edit('guests', (d) => void d.guests.splice(i, 1))"
        @move="exchange(i, i + $event)"
        @exchange="
          exchange(
            i,
            look.guests.findIndex((other) => other.id === $event)
          )
        "
      />
    </ol>
    <el-button size="small" :disabled="look.guests.length >= 100" @click="addGuest">{{ t('brief.addGuest') }}</el-button>
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
