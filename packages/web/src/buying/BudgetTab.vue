<script setup lang="ts">
import {
  changeBudget,
  changeBuying,
  findingKey,
  formatMoney,
  keepPlanned,
  MOST_REUSE_PERCENT,
  plannedSums,
  setCap,
  splitBudget,
  type BuyList,
  type Look,
  type Saving
} from '@hestiad/core'
import { computed, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import BudgetFields from '../brief/BudgetFields.vue'
import { describeRemedy } from '../findings/findingWords.js'
import AmountField from '../shell/AmountField.vue'
import ChoiceField from '../shell/ChoiceField.vue'
import CountField from '../shell/CountField.vue'
import { formatDate, today } from '../shell/dates.js'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'

/** The budget: reserve, how the working sum is parted, planned and spent part by part, what would save most, and the terms of buying. */
const props = defineProps<{ look: Look; list: BuyList }>()
const { t } = useI18n()
const store = useLook()
const preferences = usePreferences()
const money = (cents: number) => formatMoney(cents, props.look.money.currency)
const split = computed(() => props.look.money.split.kind)
const parts = computed(() => (split.value === 'zones' ? props.list.zones : props.list.groups))
const savings = shallowRef<readonly Saving[]>()
watch(
  () => props.look,
  async (look) => {
    const found = await store.findSavings()
    if (look === props.look) savings.value = found
  },
  { immediate: true }
)

const known = (cents: number | null) => (cents === null ? '–' : money(cents))
/** Spent and still to spend against what was planned, with its sign. */
function against({ plannedCents, spentCents, openCents }: { plannedCents: number | null; spentCents: number; openCents: number }): string {
  if (plannedCents === null) return '–'
  const more = spentCents + openCents - plannedCents
  return more === 0 ? t('buy.asPlanned') : t(more > 0 ? 'buy.morePlanned' : 'buy.lessPlanned', { cents: money(Math.abs(more)) })
}
const said = (saving: Saving) => describeRemedy(saving, { t: t as never, look: props.look, ...preferences.measures })
const nameOf = (saving: Saving) => props.look.pieces.find((piece) => piece.id === saving.onPieceId)?.name ?? ''
const keyOf = (saving: Saving) => findingKey({ code: 'money.over', at: { kind: 'money' } }) + JSON.stringify(saving.params)
</script>

<template>
  <div class="stack">
    <BudgetFields :look="look" />
    <p class="soft small">
      {{ t('ledger.reserve') }} {{ money(list.reserveCents) }} = {{ t('buy.ofTotal', { percent: look.money.reservePercent, total: money(list.totalCents) }) }}
    </p>
    <ChoiceField
      :label="t('buy.split')"
      :model-value="split"
      :choices="(['plain', 'groups', 'zones'] as const).map((value) => ({ value, label: t(`buy.splits.${value}`) }))"
      @update:model-value="store.run(splitBudget, $event)"
    />
    <table class="figures">
      <thead>
        <tr>
          <th></th>
          <th>{{ t('buy.planned') }}</th>
          <th>{{ t('buy.actual') }}</th>
          <th>{{ t('buy.open') }}</th>
          <th>{{ t('buy.against') }}</th>
          <th v-if="split !== 'plain'">{{ t('buy.difference') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="part in parts" :key="part.part" :class="{ over: part.capCents !== null && part.openCents + part.spentCents > part.capCents }">
          <th>{{ t(`part.${part.part}`) }}</th>
          <td>{{ known(part.plannedCents) }}</td>
          <td>{{ money(part.spentCents) }}</td>
          <td>{{ money(part.openCents) }}</td>
          <td>{{ against(part) }}</td>
          <td v-if="split !== 'plain'">{{ part.capCents === null ? '–' : money(part.capCents - part.openCents - part.spentCents) }}</td>
        </tr>
        <tr>
          <th>{{ t('part.extras') }}</th>
          <td>{{ known(look.buying.planned?.extrasCents ?? null) }}</td>
          <td>–</td>
          <td>{{ money(list.extrasCents) }}</td>
          <td>–</td>
          <td v-if="split !== 'plain'">–</td>
        </tr>
      </tbody>
    </table>
    <p class="soft small">
      {{ look.buying.planned ? t('buy.plannedOn', { day: formatDate(look.buying.planned.day) }) : t('buy.plannedNever') }}
      <el-button size="small" @click="store.run(keepPlanned, plannedSums(look, today()))">{{ t('buy.keepPlanned') }}</el-button>
    </p>
    <div v-if="split !== 'plain'" class="pair">
      <AmountField
        v-for="part in parts"
        :key="part.part"
        :label="t('buy.capOf', { part: t(`part.${part.part}`) })"
        :model-value="part.capCents"
        optional
        :currency="look.money.currency"
        @update:model-value="store.run(setCap, part.part, $event)"
        @clear="store.run(setCap, part.part, null)"
      />
    </div>
    <hr class="rule" />
    <h3>{{ t('buy.save') }}</h3>
    <p v-if="savings?.length === 0" class="soft small">{{ t('buy.saveNothing') }}</p>
    <ul class="lines">
      <li v-for="saving in savings" :key="keyOf(saving)">
        <span class="what"
          ><span>{{ nameOf(saving) }}: {{ said(saving).what }}</span
          ><span class="soft small">{{ said(saving).effect }}</span></span
        >
        <el-button size="small" @click="store.apply(saving.edit)">{{ t('buy.saves', { cents: money(saving.savingCents) }) }}</el-button>
      </li>
    </ul>
    <hr class="rule" />
    <div class="pair">
      <AmountField
        :label="t('buy.tripWorth')"
        :model-value="look.buying.tripCents"
        :currency="look.money.currency"
        @update:model-value="store.run(changeBuying, { tripCents: $event })"
      />
      <CountField
        :label="t('buy.reuse')"
        :model-value="look.buying.reusePercent"
        :max="MOST_REUSE_PERCENT"
        :step="5"
        @update:model-value="store.run(changeBuying, { reusePercent: $event })"
      />
      <div class="field">
        <label for="tax-percent">{{ t('buy.taxPercent') }}</label>
        <el-input-number
          id="tax-percent"
          :model-value="look.money.taxPercent"
          :min="0"
          :max="100"
          :step="0.5"
          :precision="3"
          :controls="false"
          @update:model-value="store.run(changeBudget, { taxPercent: $event ?? 0 })"
        />
      </div>
      <ChoiceField
        label=" "
        :model-value="look.money.taxMode"
        :choices="(['included', 'added'] as const).map((value) => ({ value, label: t(`buy.taxMode.${value}`) }))"
        @update:model-value="store.run(changeBudget, { taxMode: $event })"
      />
    </div>
  </div>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
