<script setup lang="ts">
import { changeHousehold, changeOccasion, changeSchool, endAt, moveArrival, type Look } from '@hestiad/core'
import { useI18n } from 'vue-i18n'
import BudgetFields from './BudgetFields.vue'
import ChoiceField from '../shell/ChoiceField.vue'
import TimeField from '../shell/TimeField.vue'
import { useLook } from '../stores/lookStore.js'

defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()

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
          @change="store.run(changeOccasion, { title: ($event.target as HTMLInputElement).value })"
        />
      </div>
      <div class="field wide">
        <label for="occasion-date">{{ t('newOccasion.date') }}</label>
        <input
          id="occasion-date"
          type="date"
          class="native"
          :value="look.occasion.date"
          @change="($event.target as HTMLInputElement).value && store.run(changeOccasion, { date: ($event.target as HTMLInputElement).value })"
        />
      </div>
      <TimeField :label="t('newOccasion.arrive')" :model-value="look.occasion.arriveMin" @update:model-value="store.run(moveArrival, $event)" />
      <TimeField :label="t('newOccasion.end')" :model-value="look.occasion.endMin" @update:model-value="store.run(endAt, $event)" />
    </div>
    <BudgetFields :look="look" />
    <hr class="rule" />
    <h3>{{ t('brief.household') }}</h3>
    <div class="checks">
      <label v-for="who in animals" :key="who"
        ><input type="checkbox" :checked="look.household[who]" @change="store.run(changeHousehold, { [who]: ($event.target as HTMLInputElement).checked })" />
        {{ t(`brief.${who}`) }}</label
      >
    </div>
    <ChoiceField
      :label="t('brief.safety')"
      :model-value="look.school.safety"
      :choices="(['US', 'EU'] as const).map((value) => ({ value, label: t(`brief.${value}`) }))"
      @update:model-value="store.run(changeSchool, { safety: $event })"
    />
    <el-checkbox :model-value="look.school.strictFlames" @update:model-value="store.run(changeSchool, { strictFlames: $event === true })">{{
      t('brief.strictFlames')
    }}</el-checkbox>
    <div class="field">
      <label for="notes">{{ t('brief.notes') }}</label>
      <textarea
        id="notes"
        class="native"
        rows="4"
        maxlength="4000"
        :value="look.occasion.notes"
        @change="store.run(changeOccasion, { notes: ($event.target as HTMLTextAreaElement).value })"
      />
    </div>
    <p class="soft small tidy">{{ t('brief.caution') }}</p>
  </div>
</template>
