<script setup lang="ts">
import DateField from '../shell/DateField.vue'
import CheckField from '../shell/CheckField.vue'
import SelectField from '../shell/SelectField.vue'
import CountField from '../shell/CountField.vue'
import { colorName, firstTable, type Look } from '@hestiad/core'
import { computed, reactive, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { api } from '../api/calls.js'
import { checkForm } from '../api/checkForm.js'
import { problemLines, type Body } from '../api/client.js'
import { list } from '../findings/findingWords.js'
import TableFields from '../seats/TableFields.vue'
import AmountField from '../shell/AmountField.vue'
import { today } from '../shell/dates.js'
import TimeField from '../shell/TimeField.vue'
import { currencies, usePreferences } from '../stores/preferences.js'
import { useStyle } from '../stores/style.js'

type Wishes = Body<'addOccasion'>
/** Looks of earlier occasions, the newest first: a new one can take over what stays the same. */
const props = defineProps<{ earlier: readonly Look[] }>()
const shown = defineModel<boolean>({ required: true })
const { t } = useI18n()
const router = useRouter()
const busy = ref(false)
const wrong = ref<string[]>([])
const wishes = reactive<{ -readonly [Field in keyof Wishes]: Wishes[Field] }>({
  title: '',
  place: '',
  date: today(),
  arriveMin: 1110,
  endMin: 1380,
  guests: 8,
  totalCents: 30_000,
  reservePercent: 15,
  currency: usePreferences().currency,
  table: firstTable
})

/** The stylist's own style goes with every occasion unless it is left. */
const own = useStyle()
const inStyle = ref(true)
const styleSays = computed(() => {
  const { moods, avoid, palette } = own.style
  const said = [
    ...moods.map((mood) => t(`meant.mood.${mood}`)),
    ...palette.map(({ color }) => colorName(color)),
    ...avoid.map((word) => t('style.no', { word }))
  ]
  return `${t('style.along')}: ${said.length > 0 ? list(said) : t('style.waysOnly')}`
})

const likes = computed(() => props.earlier.map((look) => ({ value: look.id, label: look.occasion.title })))

/** The table of an earlier occasion, its place and currency; room, household and ways of working follow on the server. */
function takeOver(id: string | null): void {
  const look = props.earlier.find((one) => one.id === id)
  if (!look) {
    delete wishes.like
    delete wishes.asLaid
    return
  }
  Object.assign(wishes, { like: look.id, table: look.table, place: look.occasion.place, currency: look.money.currency })
}

async function create(layIt = false): Promise<void> {
  busy.value = true
  wrong.value = []
  try {
    const endMin = wishes.endMin <= wishes.arriveMin ? wishes.endMin + 1440 : wishes.endMin
    const answer = await api.addOccasion(await checkForm('NewOccasionDto', { ...wishes, endMin, ...(own.isSaid && inStyle.value && { style: own.style }) }))
    shown.value = false
    await router.push(
      layIt ? { name: 'look', params: { id: answer.id, step: 'looks' }, query: { lay: '' } } : { name: 'look', params: { id: answer.id, step: 'brief' } }
    )
  } catch (error) {
    wrong.value = problemLines(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <el-dialog v-model="shown" :title="t('newOccasion.title')" width="620" top="5vh">
    <form class="stack" @submit.prevent="create()">
      <div class="pair">
        <div class="field">
          <label for="new-title">{{ t('newOccasion.name') }}</label><el-input id="new-title" v-model="wishes.title" maxlength="200" autofocus />
        </div>
        <div class="field">
          <label for="new-place">{{ t('newOccasion.place') }}</label><el-input id="new-place" v-model="wishes.place" maxlength="200" />
        </div>
      </div>
      <SelectField
        v-if="likes.length > 0"
        :label="t('newOccasion.like')"
        :model-value="wishes.like ?? null"
        :choices="likes"
        :none="t('newOccasion.likeNone')"
        @update:model-value="takeOver($event)"
        @none="takeOver(null)"
      />
      <template v-if="wishes.like">
        <p class="soft small">{{ t('newOccasion.likeSays') }}</p>
        <CheckField :label="t('newOccasion.asLaid')" :model-value="wishes.asLaid ?? false" @update:model-value="wishes.asLaid = $event" />
      </template>
      <CheckField v-if="own.isSaid" v-model="inStyle" :label="styleSays" />
      <div class="three">
        <DateField v-model="wishes.date" :label="t('newOccasion.date')" />
        <TimeField v-model="wishes.arriveMin" :label="t('newOccasion.arrive')" />
        <TimeField v-model="wishes.endMin" :label="t('newOccasion.end')" />
        <CountField v-model="wishes.guests" :label="t('newOccasion.guests')" />
        <AmountField v-model="wishes.totalCents" :label="t('newOccasion.budget')" :currency="wishes.currency" />
        <SelectField v-model="wishes.currency" :label="t('newOccasion.currency')" :choices="currencies.map((value) => ({ value, label: value }))" />
      </div>
      <h3>{{ t('newOccasion.table') }}</h3>
      <TableFields v-model="wishes.table" short />
      <p v-if="wishes.endMin <= wishes.arriveMin" class="soft small">{{ t('newOccasion.endEarly') }}</p>
      <ul v-if="wrong.length > 0" class="wrong" role="alert">
        <li v-for="line in wrong" :key="line">{{ line }}</li>
      </ul>
    </form>
    <template #footer
      ><el-button :loading="busy" @click="create(true)">{{ t('newOccasion.layIt') }}</el-button>
      <el-button type="primary" :loading="busy" @click="create()">{{ t('newOccasion.create') }}</el-button></template
    >
  </el-dialog>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 12px;
}

.wrong {
  margin: 0;
  color: var(--ember);
}

p {
  margin: 0;
}
</style>
