<script setup lang="ts">
import { currencyDigits, formatAmount, formatMoney, markAllBought, pieceIndex, pieceSize, type Look, type ShopOrder } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { saveFile } from '../seat-view/saveFile.js'
import FileField from '../shell/FileField.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import { readBought, takeAlongHtml, type AlongLine } from './takeAlong.js'

/** The orders as one page for the phone, and what was ticked there read back: bought at the price really paid, in one step. */
const props = defineProps<{ look: Look; orders: readonly ShopOrder[] }>()
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const message = ref('')
const isWrong = ref(false)

const lines = computed<AlongLine[]>(() => {
  const offers = new Map(props.look.offers.map((offer) => [offer.id, offer]))
  const index = pieceIndex(props.look)
  return props.orders.flatMap((order) =>
    order.lines.flatMap((line) => {
      const offer = offers.get(line.offerId)
      const piece = index.get(offer?.pieceId ?? '')
      if (!offer || !piece) return []
      const cents = line.packs * (offer.priceCents ?? 0)
      const pieces = line.packs * offer.packSize
      return [
        {
          offerId: offer.id,
          pieceId: piece.id,
          shop: order.shop,
          slot: order.slot,
          pieces,
          cents,
          name: piece.name,
          says: t('buy.alongSays', { pieces, size: pieceSize(piece, length), material: piece.material, price: formatMoney(cents, props.look.money.currency) }),
          color: piece.color,
          price: formatAmount(cents, props.look.money.currency)
        }
      ]
    })
  )
})

function take(): void {
  const words = {
    title: props.look.occasion.title,
    hint: t('buy.alongHint'),
    got: t('buy.alongGot'),
    paid: t('buy.alongPaid'),
    save: t('buy.alongSave'),
    left: t('buy.alongLeft')
  }
  const html = takeAlongHtml(store.id, lines.value, words, currencyDigits(props.look.money.currency))
  saveFile(new Blob([html], { type: 'text/html' }), `${props.look.occasion.title} shopping.html`)
}

async function readBack(file: File): Promise<void> {
  const read = readBought(await file.text())
  const byOffer = new Map(lines.value.map((line) => [line.offerId, line]))
  const known = (read?.bought ?? []).flatMap((one) => {
    const line = byOffer.get(one.offerId)
    return line ? [{ ...line, cents: one.cents }] : []
  })
  isWrong.value = !read || read.lookId !== store.id
  message.value = isWrong.value ? t('buy.alongWrong') : t('buy.alongRead', { n: known.length, others: read!.bought.length - known.length }, known.length)
  if (isWrong.value || known.length === 0) return
  const all = known.map(({ pieceId, pieces, cents, shop, slot, offerId }) => ({
    bought: { pieceId, pieces, cents, shop, day: read!.day, note: '', photoId: null },
    of: { shop, slot: slot as ShopOrder['slot'], offerId }
  }))
  store.run(markAllBought, all)
}
</script>

<template>
  <p class="row small">
    <el-button class="plain link" :disabled="lines.length === 0" @click="take">{{ t('buy.along') }}</el-button>
    <FileField quiet :label="t('buy.alongBack')" accept=".json,application/json" @file="readBack" />
    <span v-if="message" :class="isWrong ? 'bad' : 'soft'" role="status">{{ message }}</span>
  </p>
</template>

<style scoped>
.row {
  flex-wrap: wrap;
  margin: 0;
}
</style>
