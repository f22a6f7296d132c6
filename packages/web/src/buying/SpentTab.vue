<script setup lang="ts">
import FoldAway from '../shell/FoldAway.vue'
import TextField from '../shell/TextField.vue'
import DateField from '../shell/DateField.vue'
import { changeBought, drawReserve, formatMoney, removeBought, removeDraw, type Bought, type BuyList, type Look } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import AmountField from '../shell/AmountField.vue'
import CountField from '../shell/CountField.vue'
import { formatDate, today } from '../shell/dates.js'
import PhotoInput from '../shell/PhotoInput.vue'
import { useLook } from '../stores/lookStore.js'
import ReceiptBeside from './ReceiptBeside.vue'

/** What was really spent, put right line by line, and the ledger of the reserve: each draw with its cause. */
const props = defineProps<{ look: Look; list: BuyList }>()
const { t } = useI18n()
const store = useLook()
const money = (cents: number) => formatMoney(cents, props.look.money.currency)
const nameOf = (id: string) => props.look.pieces.find((piece) => piece.id === id)?.name ?? id.replace(/^supply-/, '')
const drawCents = ref(0)
const cause = ref('')
const problem = ref('')
const share = computed(() => Math.min(100, (100 * props.list.spentCents) / Math.max(1, props.list.workingCents)))

/** What was bought on one errand: in one shop on one day. */
const errands = computed(() => {
  const groups = new Map<string, Bought[]>()
  for (const one of props.look.buying.bought) groups.set(`${one.day} ${one.shop}`, [...(groups.get(`${one.day} ${one.shop}`) ?? []), one])
  return [...groups].map(([key, bought]) => ({ key, bought }))
})

function draw(): void {
  store.run(drawReserve, { cents: drawCents.value, cause: cause.value.trim(), day: today() })
  drawCents.value = 0
  cause.value = ''
}
</script>

<template>
  <div class="stack">
    <div class="bar" role="img" :aria-label="`${money(list.spentCents)} / ${money(list.workingCents)}`"><span :style="{ width: `${share}%` }" /></div>
    <p class="small">{{ t('buy.actual') }} {{ money(list.spentCents) }} / {{ money(list.workingCents) }}</p>
    <p v-if="look.buying.bought.length === 0" class="soft small">{{ t('buy.noBought') }}</p>
    <p v-if="problem" class="bad small" role="alert">{{ problem }}</p>
    <template v-for="errand in errands" :key="errand.key">
      <ReceiptBeside :look="look" :bought="errand.bought" />
      <FoldAway v-for="bought in errand.bought" :key="bought.id" :title="`${nameOf(bought.pieceId)}: ${bought.pieces}, ${money(bought.cents)}`">
        <p class="soft small">{{ bought.shop }} · {{ formatDate(bought.day) }}</p>
        <div class="pair">
          <AmountField
            :label="t('buy.paid')"
            :model-value="bought.cents"
            :currency="look.money.currency"
            @update:model-value="store.run(changeBought, bought.id, { cents: $event })"
          />
          <CountField
            :label="t('buy.pieces')"
            :model-value="bought.pieces"
            :max="10000"
            @update:model-value="store.run(changeBought, bought.id, { pieces: $event })"
          />
          <DateField :label="t('buy.day')" :model-value="bought.day" @update:model-value="store.run(changeBought, bought.id, { day: $event })" />
          <TextField :label="t('buy.note')" :model-value="bought.note" :max="1000" @update:model-value="store.run(changeBought, bought.id, { note: $event })" />
        </div>
        <p class="row between small">
          <PhotoInput :label="t('buy.receipt')" @kept="store.run(changeBought, bought.id, { photoId: $event })" @problem="problem = $event" />
          <el-button class="plain link" @click="store.run(removeBought, bought.id)">
            {{ t('buy.undoBought') }}
          </el-button>
        </p>
      </FoldAway>
    </template>
    <hr class="rule" />
    <h3>{{ t('buy.ledger') }}</h3>
    <dl>
      <dt>{{ t('ledger.reserve') }}</dt>
      <dd>{{ money(list.reserveCents) }}</dd>
      <template v-for="one in look.buying.draws" :key="one.id">
        <dt>
          {{ one.cause }} <span class="soft small">{{ formatDate(one.day) }}</span>
          <el-button class="plain link small" :aria-label="`${t('nav.undo')}: ${one.cause}`" @click="store.run(removeDraw, one.id)">×</el-button>
        </dt>
        <dd>−{{ money(one.cents) }}</dd>
      </template>
      <dt class="sum">{{ t('buy.reserveLeft') }}</dt>
      <dd class="sum" :class="{ bad: list.reserveLeftCents < 0 }">{{ money(list.reserveLeftCents) }}</dd>
    </dl>
    <p v-if="look.buying.draws.length === 0" class="soft small">{{ t('buy.noDraws') }}</p>
    <form class="stack" @submit.prevent="draw">
      <AmountField v-model="drawCents" :label="t('buy.draw')" :currency="look.money.currency" />
      <TextField v-model="cause" live :label="t('buy.drawCause')" />
      <el-button native-type="submit" :disabled="drawCents <= 0 || cause.trim() === ''">{{ t('buy.drawDo') }}</el-button>
    </form>
  </div>
</template>

<style scoped>
.bar {
  height: 8px;
  overflow: hidden;
  border-radius: 4px;
  background: var(--hairline);
}

.bar span {
  display: block;
  height: 100%;
  background: var(--moss);
}

dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 3px 10px;
  margin: 0;
}

dd {
  margin: 0;
  text-align: end;
}

.sum {
  padding-top: 3px;
  border-top: 1px solid var(--hairline-strong);
  font-weight: 650;
}

p {
  margin: 0;
}
</style>
