<script setup lang="ts">
import { formatMoney, stands, type Look, type Stand } from '@hestiad/core'
import { computed, reactive, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import { ApiProblem, type Dto } from '../api/client.js'
import MiniTable from '../board/MiniTable.vue'
import ChoiceField from '../shell/ChoiceField.vue'
import TextField from '../shell/TextField.vue'
import { dayOf, formatDate } from '../shell/dates.js'
import { colorsOf, linesOf } from './shownLook.js'

/** The looks of an occasion as host and client read and answer them, by a secret address. What is typed stays in this browser until it is sent, and after. */
const props = defineProps<{ secret: string }>()
const { t } = useI18n()
const shared = ref<Dto<'Shared'>>()
const failed = ref<'over' | 'away'>()
const told = ref('')
const isWrong = ref(false)
const isSending = ref(false)

interface Said {
  stand: Stand | 'unsaid'
  remark: string
}
const key = `shared ${props.secret}`
const kept = readKept()
const by = ref(kept.by)
const said = reactive<Record<string, Said>>({})
watch([by, said], () => localStorage.setItem(key, JSON.stringify({ by: by.value, said })))

function readKept(): { readonly by: string; readonly said: Readonly<Record<string, Said>> } {
  try {
    const value = JSON.parse(localStorage.getItem(key) ?? '{}') as { by?: string; said?: Record<string, Said> }
    return { by: String(value.by ?? ''), said: value.said ?? {} }
  } catch {
    return { by: '', said: {} }
  }
}

async function load(): Promise<void> {
  failed.value = undefined
  try {
    const answer = await api.getShare(props.secret)
    for (const { id } of answer.looks) said[id] = { stand: kept.said[id]?.stand ?? 'unsaid', remark: kept.said[id]?.remark ?? '' }
    shared.value = answer
    document.title = answer.title
  } catch (error) {
    failed.value = error instanceof ApiProblem && error.code === 'not-found' ? 'over' : 'away'
  }
}
void load()

const looks = computed(() =>
  (shared.value?.looks ?? []).map(({ id, name, look, spendCents }) => {
    const whole = look as Look
    const price = spendCents === undefined ? [] : [t('looks.client.price', { amount: formatMoney(spendCents, whole.money.currency) })]
    return { id, name, look: whole, colors: colorsOf(whole), lines: [...linesOf(whole, t as never), ...price] }
  })
)
const lastDay = computed(() => (shared.value ? formatDate(dayOf(shared.value.expiresAtMs)) : ''))
const choices = stands.map((value) => ({ value, label: t(`looks.stand.${value}`) }))

function say(text: string, wrong: boolean): void {
  told.value = text
  isWrong.value = wrong
}

async function send(): Promise<void> {
  const votes = Object.entries(said).flatMap(([lookId, { stand, remark }]) =>
    stand === 'unsaid' && remark.trim() === '' ? [] : [{ lookId, stand: stand === 'unsaid' ? ('unsure' as const) : stand, remark }]
  )
  if (by.value.trim() === '') return say(t('looks.client.named'), true)
  if (votes.length === 0) return say(t('looks.client.nothingSaid'), true)
  isSending.value = true
  try {
    await api.answerShare(props.secret, { by: by.value, votes })
    say(t('looks.client.sent', { day: lastDay.value }), false)
  } catch (error) {
    say(t('looks.client.notSent', { message: (error as Error).message }), true)
  }
  isSending.value = false
}
</script>

<template>
  <main class="page">
    <p v-if="failed === 'over'" role="alert">{{ t('looks.client.sharedOver') }}</p>
    <p v-else-if="failed" role="alert">
      {{ t('looks.client.sharedFailed') }} <el-button size="small" @click="load">{{ t('occasions.retry') }}</el-button>
    </p>
    <p v-else-if="!shared" class="soft">{{ t('look.loading') }}</p>
    <template v-else>
      <h1>{{ shared.title }}</h1>
      <p class="soft">{{ t('looks.client.shared') }}</p>
      <div class="cards">
        <article v-for="one in looks" :key="one.id" :aria-label="one.name">
          <h2>{{ one.name }}</h2>
          <MiniTable :look="one.look" close />
          <p class="colors" aria-hidden="true"><i v-for="color in one.colors" :key="color" :style="{ background: color }" /></p>
          <ul>
            <li v-for="line in one.lines" :key="line">{{ line }}</li>
          </ul>
          <ChoiceField
            v-if="said[one.id]"
            :label="t('looks.stands')"
            :model-value="said[one.id]!.stand as Stand"
            :choices="choices"
            @update:model-value="said[one.id]!.stand = $event"
          />
          <p v-if="one.look.ask" class="ask">{{ one.look.ask }}</p>
          <TextField v-if="said[one.id]" v-model="said[one.id]!.remark" live :rows="2" :max="1000" :label="t('looks.client.remark')" />
        </article>
      </div>
      <footer>
        <TextField v-model="by" live :label="t('looks.client.by')" />
        <el-button type="primary" :loading="isSending" @click="send">{{ t('looks.client.send') }}</el-button>
        <span v-if="told" :class="isWrong ? 'bad' : 'soft'" role="status">{{ told }}</span>
      </footer>
    </template>
  </main>
</template>

<style scoped>
.page {
  max-width: 1100px;
  margin: 0 auto;
  padding: 26px 24px 120px;
}

h1,
h2 {
  margin: 0;
  font-family: var(--serif);
}

.cards {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(400px, 100%), 1fr));
  gap: 22px;
}

article {
  display: grid;
  gap: 10px;
  align-content: start;
  padding: 18px;
  border: 1px solid var(--hairline);
  border-radius: 6px;
  background: var(--paper);
}

.colors {
  display: flex;
  height: 14px;
  margin: 0;
}

.colors i {
  flex: 1;
}

ul,
.ask {
  margin: 0;
}

ul {
  padding-left: 20px;
}

.ask {
  font: 560 19px var(--serif);
}

footer {
  position: fixed;
  z-index: 2;
  inset: auto 0 0;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: end;
  justify-content: center;
  padding: 12px;
  border-top: 1px solid var(--hairline);
  background: var(--paper);
}
</style>
