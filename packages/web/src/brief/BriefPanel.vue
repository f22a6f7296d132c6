<script setup lang="ts">
import { newGuest, type Course, type Guest, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import BudgetFields from './BudgetFields.vue'
import ChoiceField from '../shell/ChoiceField.vue'
import TimeField from '../shell/TimeField.vue'
import { useLook } from '../stores/lookStore.js'
import GuestRow from './GuestRow.vue'
import TableFields from './TableFields.vue'

const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const courses: readonly Course[] = ['oysters', 'soup', 'fish', 'salad', 'main', 'dessert']
const capacity = computed(() => store.figures?.seats.capacity)

function set<K extends keyof Look['occasion']>(key: K, value: Look['occasion'][K]): void {
  store.edit('brief', (draft) => void Object.assign(draft.occasion, { [key]: value }))
}

function setEnd(minute: number): void {
  set('endMin', minute <= props.look.occasion.arriveMin ? minute + 1440 : minute)
}

function setArrive(minute: number): void {
  store.edit('brief', (draft) => {
    const lasts = draft.occasion.endMin - draft.occasion.arriveMin
    draft.occasion.arriveMin = minute
    draft.occasion.endMin = minute + lasts
  })
}

function toggleCourse(course: Course, on: boolean): void {
  const chosen = on ? [...props.look.occasion.courses, course] : props.look.occasion.courses.filter((c) => c !== course)
  set(
    'courses',
    courses.filter((c) => chosen.includes(c))
  )
}

function addGuest(): void {
  store.edit('guests', (draft) => {
    let number = draft.guests.length + 1
    while (draft.guests.some((g) => g.id === `guest-${number}`)) number++
    draft.guests.push({ ...newGuest(number), name: `Guest ${draft.guests.length + 1}` })
  })
}

function changeGuest(i: number, guest: Guest): void {
  store.edit('guests', (draft) => void (draft.guests[i] = guest))
}
const animals = ['cats', 'dogs', 'toddlers'] as const
</script>

<template>
  <div class="stack">
    <div class="pair">
      <div class="field wide">
        <label for="occasion-title">{{ t('brief.occasion') }}</label>
        <input
          id="occasion-title"
          class="native"
          :value="look.occasion.title"
          maxlength="200"
          @change="set('title', ($event.target as HTMLInputElement).value)"
        />
      </div>
      <div class="field wide">
        <label for="occasion-date">{{ t('newOccasion.date') }}</label>
        <input
          id="occasion-date"
          type="date"
          class="native"
          :value="look.occasion.date"
          @change="($event.target as HTMLInputElement).value && set('date', ($event.target as HTMLInputElement).value)"
        />
      </div>
      <TimeField :label="t('newOccasion.arrive')" :model-value="look.occasion.arriveMin" @update:model-value="setArrive" />
      <TimeField :label="t('newOccasion.end')" :model-value="look.occasion.endMin" @update:model-value="setEnd" />
    </div>
    <BudgetFields :look="look" />
    <hr class="rule" />
    <h3>{{ t('brief.table') }}</h3>
    <TableFields :model-value="look.table" @update:model-value="store.edit('table', (d) => void (d.table = $event))" />
    <p v-if="capacity" class="soft small tidy">{{ t('brief.capacity', { ...capacity }) }}</p>
    <ChoiceField
      :label="t('brief.comfort')"
      :model-value="look.school.comfort"
      :choices="(['tight', 'usual', 'roomy'] as const).map((value) => ({ value, label: t(`brief.${value}`) }))"
      @update:model-value="store.edit('school', (d) => void (d.school.comfort = $event))"
    />
    <hr class="rule" />
    <h3>{{ t('brief.guests') }}</h3>
    <ol>
      <GuestRow
        v-for="(guest, i) in look.guests"
        :key="guest.id"
        :guest="guest"
        :number="i + 1"
        @change="changeGuest(i, $event)"
        @remove="store.edit('guests', (d) => void d.guests.splice(i, 1))"
      />
    </ol>
    <el-button size="small" :disabled="look.guests.length >= 100" @click="addGuest">{{ t('brief.addGuest') }}</el-button>
    <hr class="rule" />
    <h3>{{ t('brief.courses') }}</h3>
    <div class="checks">
      <label v-for="course in courses" :key="course"
        ><input type="checkbox" :checked="look.occasion.courses.includes(course)" @change="toggleCourse(course, ($event.target as HTMLInputElement).checked)" />
        {{ t(`brief.${course}`) }}</label
      >
    </div>
    <h3>{{ t('brief.household') }}</h3>
    <div class="checks">
      <label v-for="who in animals" :key="who"
        ><input
          type="checkbox"
          :checked="look.household[who]"
          @change="store.edit('brief', (d) => void (d.household[who] = ($event.target as HTMLInputElement).checked))"
        />
        {{ t(`brief.${who}`) }}</label
      >
    </div>
    <ChoiceField
      :label="t('brief.safety')"
      :model-value="look.school.safety"
      :choices="(['US', 'EU'] as const).map((value) => ({ value, label: t(`brief.${value}`) }))"
      @update:model-value="store.edit('school', (d) => void (d.school.safety = $event))"
    />
    <div class="field">
      <label for="notes">{{ t('brief.notes') }}</label>
      <textarea
        id="notes"
        class="native"
        rows="4"
        maxlength="4000"
        :value="look.occasion.notes"
        @change="set('notes', ($event.target as HTMLTextAreaElement).value)"
      />
    </div>
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
