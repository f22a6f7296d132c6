<script setup lang="ts">
import CheckField from '../shell/CheckField.vue'
import SelectField from '../shell/SelectField.vue'
import { compareLooks, formatMoney, type CompareTerms, type Look } from '@hestiad/core'
import { computed, onMounted, reactive, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import CountField from '../shell/CountField.vue'
import { useLook } from '../stores/lookStore.js'

/** This look and another on the same ground: as many guests, what both use left out or in, what is owned free or priced. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const others = shallowRef<readonly { readonly id: string; readonly look: Look }[]>()
const otherId = ref('')
const failed = ref(false)
const terms = reactive<{ -readonly [K in keyof CompareTerms]: CompareTerms[K] }>({ guests: props.look.guests.length, shared: 'out', owned: 'free' })
const money = (cents: number) => formatMoney(cents, props.look.money.currency)
const other = computed(() => others.value?.find((one) => one.id === otherId.value)?.look)
const compared = computed(() => (other.value ? compareLooks(props.look, other.value, terms) : undefined))
const only = (at: 0 | 1) => compared.value?.lines.filter((line) => line.sides[at] && !line.sides[1 - at]) ?? []

async function load(): Promise<void> {
  failed.value = false
  try {
    const { occasions } = await api.listOccasions()
    const mine = occasions.find((occasion) => occasion.looks.some((one) => one.id === store.id))
    const sorted = [...(mine ? [mine] : []), ...occasions.filter((one) => one !== mine)]
    const ids = sorted.flatMap((occasion) => occasion.looks.map((one) => one.id)).filter((id) => id !== store.id)
    const looks = await Promise.all(ids.map(async (id) => ({ id, look: (await api.getLook(id)).look })))
    others.value = looks.filter((one) => one.look.money.currency === props.look.money.currency)
    otherId.value = others.value[0]?.id ?? ''
  } catch {
    failed.value = true
  }
}
onMounted(load)
</script>

<template>
  <div class="stack">
    <p v-if="failed" role="alert">
      {{ t('occasions.failed') }} <el-button size="small" @click="load">{{ t('occasions.retry') }}</el-button>
    </p>
    <p v-else-if="others?.length === 0" class="soft small">{{ t('buy.compareNone') }}</p>
    <template v-else-if="compared && other">
      <SelectField
        :label="t('buy.compareWith')"
        :model-value="otherId"
        :choices="(others ?? []).map((one) => ({ value: one.id, label: `${one.look.occasion.title}, ${one.look.name}` }))"
        @update:model-value="otherId = $event"
      />
      <CountField v-model="terms.guests" :label="t('buy.compareGuests')" :min="1" :max="60" />
      <div class="checks">
        <CheckField :label="t('buy.compareShared')" :model-value="terms.shared === 'in'" @update:model-value="terms.shared = $event ? 'in' : 'out'" />
        <CheckField :label="t('buy.compareOwned')" :model-value="terms.owned === 'priced'" @update:model-value="terms.owned = $event ? 'priced' : 'free'" />
      </div>
      <table class="figures">
        <thead>
          <tr>
            <th></th>
            <th>{{ look.name }}</th>
            <th>{{ other.name }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in compared.groups" :key="row.group">
            <th>{{ t(`part.${row.group}`) }}</th>
            <td>{{ money(row.cents[0]) }}</td>
            <td>{{ money(row.cents[1]) }}</td>
          </tr>
          <tr class="sum">
            <th>{{ t('buy.compareSum') }}</th>
            <td v-for="(sum, i) in compared.sums" :key="i">{{ money(sum.cents) }}</td>
          </tr>
          <tr>
            <th>{{ t('ledger.perGuest') }}</th>
            <td v-for="(sum, i) in compared.sums" :key="i">{{ money(sum.perGuestCents) }}</td>
          </tr>
        </tbody>
      </table>
      <p class="small">
        {{
          compared.differenceCents === 0
            ? t('buy.compareSame')
            : t('buy.compareLess', {
                name: compared.differenceCents > 0 ? look.name : `${other.occasion.title}, ${other.name}`,
                cents: money(Math.abs(compared.differenceCents))
              })
        }}
        <span class="soft">{{ t('buy.compareGround', { n: compared.sharedLeftOut }, compared.sharedLeftOut) }}</span>
      </p>
      <p v-for="(sum, i) in compared.sums.filter((one) => one.gapPieces > 0)" :key="i" class="bad small" role="status">
        {{ t('buy.compareGap', { name: sum === compared.sums[0] ? look.name : other.name, n: sum.gapPieces }, sum.gapPieces) }}
      </p>
      <template v-for="at in [0, 1] as const" :key="at">
        <h3>{{ t('buy.compareOnly', { name: at === 0 ? look.name : `${other.occasion.title}, ${other.name}` }) }}</h3>
        <ul class="lines">
          <li v-for="line in only(at)" :key="line.pieceId">
            <span class="what"
              ><span>{{ line.name }}</span
              ><span class="soft small">{{ t('buy.compareLine', { needed: line.sides[at]!.needed, short: line.sides[at]!.short }) }}</span></span
            >
            <span>{{ line.sides[at]!.gapPieces > 0 ? '?' : money(line.sides[at]!.cents) }}</span>
          </li>
        </ul>
      </template>
    </template>
  </div>
</template>

<style scoped>
p,
h3 {
  margin: 0;
}
</style>
