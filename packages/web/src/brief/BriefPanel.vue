<script setup lang="ts">
import { changeHousehold, changeOccasion, changeSchool, endAt, moveArrival, type Look } from '@hestiad/core'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import ChoiceField from '../shell/ChoiceField.vue'
import CountField from '../shell/CountField.vue'
import DateField from '../shell/DateField.vue'
import TextField from '../shell/TextField.vue'
import TimeField from '../shell/TimeField.vue'
import { useGuestCount } from '../shell/useGuestCount.js'
import { useLook } from '../stores/lookStore.js'
import BudgetFields from './BudgetFields.vue'
import MeantFields from './MeantFields.vue'

/** What it is for, when, for how many, with what money, in which household. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { count, follows } = useGuestCount(() => props.look)

const animals = ['cats', 'dogs', 'toddlers'] as const
</script>

<template>
  <div class="spread">
    <div class="stack apart">
      <section class="stack">
        <h3>{{ t('brief.occasion') }}</h3>
        <TextField :label="t('brief.title')" :model-value="look.occasion.title" @update:model-value="store.run(changeOccasion, { title: $event })" />
        <TextField :label="t('newOccasion.place')" :model-value="look.occasion.place" @update:model-value="store.run(changeOccasion, { place: $event })" />
        <DateField :label="t('newOccasion.date')" :model-value="look.occasion.date" @update:model-value="store.run(changeOccasion, { date: $event })" />
        <div class="pair">
          <TimeField :label="t('newOccasion.arrive')" :model-value="look.occasion.arriveMin" @update:model-value="store.run(moveArrival, $event)" />
          <TimeField :label="t('newOccasion.end')" :model-value="look.occasion.endMin" @update:model-value="store.run(endAt, $event)" />
        </div>
      </section>
      <section class="stack">
        <h3>{{ t('brief.guests') }}</h3>
        <CountField v-model="count" :label="t('newOccasion.guests')" :max="100" />
        <ul class="lines small">
          <li v-for="line in follows" :key="line">{{ line }}</li>
        </ul>
      </section>
      <section class="stack">
        <h3>{{ t('brief.money') }}</h3>
        <BudgetFields :look="look" />
      </section>
      <section class="stack">
        <h3>{{ t('brief.household') }}</h3>
        <div class="checks">
          <CheckField
            v-for="who in animals"
            :key="who"
            :label="t(`brief.${who}`)"
            :model-value="look.household[who]"
            @update:model-value="store.run(changeHousehold, { [who]: $event })"
          />
        </div>
        <ChoiceField
          :label="t('brief.safety')"
          :model-value="look.school.safety"
          :choices="(['US', 'EU'] as const).map((value) => ({ value, label: t(`brief.${value}`) }))"
          @update:model-value="store.run(changeSchool, { safety: $event })"
        />
        <CheckField
          :label="t('brief.strictFlames')"
          :model-value="look.school.strictFlames"
          @update:model-value="store.run(changeSchool, { strictFlames: $event })"
        />
      </section>
    </div>
    <MeantFields :look="look" />
    <section class="stack whole">
      <TextField
        :label="t('brief.notes')"
        :model-value="look.occasion.notes"
        :max="4000"
        :rows="4"
        @update:model-value="store.run(changeOccasion, { notes: $event })"
      />
      <p class="soft small tidy">{{ t('brief.caution') }}</p>
    </section>
  </div>
</template>

<style scoped>
.apart {
  gap: 26px;
  align-content: start;
}
</style>
