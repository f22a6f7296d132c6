<script setup lang="ts">
import DateField from '../shell/DateField.vue'
import TextField from '../shell/TextField.vue'
import type { Shop } from '@hestiad/core'
import { reactive, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import { checkForm } from '../api/checkForm.js'
import { problemLines, type Dto } from '../api/client.js'
import AmountField from '../shell/AmountField.vue'
import CountField from '../shell/CountField.vue'
import { today } from '../shell/dates.js'
import PhotoInput from '../shell/PhotoInput.vue'
import { usePreferences } from '../stores/preferences.js'

/** An offer seen in a shop: where, in what pack, at what price, on which day. */
const props = defineProps<{ article: Dto<'Article'>; shops: readonly Shop[] }>()
const emit = defineEmits<{ close: []; kept: [] }>()
const { t } = useI18n()
const preferences = usePreferences()
const seen = reactive({ shop: '', packSize: 1, priceCents: 0, stock: 1, leadDays: 0, day: today(), note: '', photoId: '' })
const problem = ref('')
const suggest = (typed: string, show: (found: { value: string }[]) => void) =>
  show(props.shops.filter((shop) => shop.name.toLowerCase().includes(typed.toLowerCase())).map(({ name }) => ({ value: name })))

const shopField = useTemplateRef('shop')

/** The field names the list of suggestions, and one of it, before they are there. */
function namesNoList(): void {
  for (const name of ['aria-controls', 'aria-activedescendant']) shopField.value?.inputRef?.input?.removeAttribute(name)
}

async function keep(): Promise<void> {
  problem.value = ''
  try {
    const { priceCents, photoId, ...rest } = seen
    const offer = { ...rest, pieceId: props.article.piece.id, ...(priceCents > 0 ? { priceCents } : {}), ...(photoId ? { photoId } : {}) }
    await api.noteOffer(await checkForm('NotedOfferDto', offer))
    emit('kept')
    emit('close')
  } catch (error) {
    problem.value = problemLines(error).join(' ')
  }
}
</script>

<template>
  <el-dialog :model-value="true" :title="t('shops.noteTitle', { name: article.piece.name })" width="460" @close="emit('close')">
    <form class="stack" @submit.prevent="keep">
      <div class="field">
        <label for="seen-shop">{{ t('shops.seenAt') }}</label>
        <el-autocomplete id="seen-shop" ref="shop" v-model="seen.shop" :fetch-suggestions="suggest" maxlength="200" required @vue:mounted="namesNoList" />
      </div>
      <div class="pair">
        <CountField v-model="seen.packSize" :label="t('shops.packSize')" :min="1" :max="10000" />
        <AmountField v-model="seen.priceCents" :label="t('shops.price')" :currency="preferences.currency" />
        <CountField v-model="seen.stock" :label="t('shops.packsThere')" :max="100000" />
        <CountField v-model="seen.leadDays" :label="t('shops.leadDays')" :max="400" />
        <DateField v-model="seen.day" :label="t('buy.day')" />
        <TextField v-model="seen.note" live :label="t('buy.note')" :max="1000" />
      </div>
      <p class="row">
        <PhotoInput :label="t('cupboard.takePhoto')" @kept="seen.photoId = $event" @problem="problem = $event" />
        <img v-if="seen.photoId" :src="`/api/photos/${seen.photoId}/small`" :alt="t('shops.photoOf', { name: article.piece.name })" />
      </p>
      <p v-if="problem" class="bad tidy" role="alert">{{ problem }}</p>
      <el-button type="primary" native-type="submit">{{ t('buy.keepBought') }}</el-button>
    </form>
  </el-dialog>
</template>

<style scoped>
img {
  height: 64px;
}

p {
  margin: 0;
}
</style>
