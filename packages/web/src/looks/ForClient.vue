<script setup lang="ts">
import { formatMoney, sayOfLook, stands, type Look, type Stand, type Verdict } from '@hestiad/core'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { saveFile } from '../seat-view/saveFile.js'
import CheckField from '../shell/CheckField.vue'
import FileField from '../shell/FileField.vue'
import { editElsewhere } from '../stores/editElsewhere.js'
import { useLook } from '../stores/lookStore.js'
import { clientPageHtml, readVotes, type ShownLook } from './clientPage.js'
import SecretLinks from './SecretLinks.vue'
import { colorsOf, linesOf } from './shownLook.js'

/** The looks as one page for host and client, and what they say of it read back. */
const props = defineProps<{
  sides: readonly { readonly id: string; readonly look: Look }[]
  spendCents: readonly (number | undefined)[]
  picture: (at: number) => string
}>()
const emit = defineEmits<{ said: [] }>()
const { t } = useI18n()
const store = useLook()
const withPrices = ref(false)
const message = ref('')
const isWrong = ref(false)

function shown({ id, look }: { readonly id: string; readonly look: Look }, at: number): ShownLook {
  const cents = props.spendCents[at]
  const price = withPrices.value && cents !== undefined ? [t('looks.client.price', { amount: formatMoney(cents, look.money.currency) })] : []
  return { lookId: id, name: look.name, picture: props.picture(at), colors: colorsOf(look), lines: [...linesOf(look, t as never), ...price], ask: look.ask }
}

function show(): void {
  const { occasion } = props.sides[0]!.look
  const words = {
    title: occasion.title,
    hint: t('looks.client.hint'),
    by: t('looks.client.by'),
    remark: t('looks.client.remark'),
    save: t('looks.client.save'),
    named: t('looks.client.named'),
    stand: Object.fromEntries(stands.map((stand) => [stand, t(`looks.stand.${stand}`)])) as Record<Stand, string>
  }
  saveFile(new Blob([clientPageHtml(props.sides.map(shown), words)], { type: 'text/html' }), `${occasion.title} looks.html`)
}

async function readBack(file: File): Promise<void> {
  const read = readVotes(await file.text())
  const known = (read?.votes ?? []).filter((vote) => props.sides.some((side) => side.id === vote.lookId))
  isWrong.value = !read || known.length === 0
  message.value = isWrong.value ? t('looks.client.wrong') : ''
  if (!read) return
  try {
    for (const { lookId, stand, remark } of known) {
      const verdict: Verdict = { by: read.by, stand, remark, day: read.day }
      if (lookId === store.id) store.run(sayOfLook, verdict)
      else await editElsewhere(lookId, (look) => sayOfLook(look, verdict))
    }
    if (known.length > 0) message.value = t('looks.client.read', { by: read.by, n: known.length }, known.length)
  } catch (error) {
    isWrong.value = true
    message.value = (error as Error).message
  }
  emit('said')
}
</script>

<template>
  <p class="row small">
    <el-button size="small" @click="show">{{ t('looks.client.show') }}</el-button>
    <CheckField v-model="withPrices" :label="t('looks.client.withPrices')" />
    <FileField quiet :label="t('looks.client.back')" accept=".json,application/json" @file="readBack" />
    <span v-if="message" :class="isWrong ? 'bad' : 'soft'" role="status">{{ message }}</span>
  </p>
  <SecretLinks :with-prices="withPrices" @said="emit('said')" />
</template>

<style scoped>
.row {
  flex-wrap: wrap;
  margin: 0;
}
</style>
