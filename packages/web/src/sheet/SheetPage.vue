<script setup lang="ts">
import { createAssessor, kindKeys, kindsByPlace, layingChecks, layingMinutes, seatPlan, settingItems, settingOf, type FoldKind, type Look } from '@hestiad/core'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import ClearingList from '../centerpiece/ClearingList.vue'
import SightReport from '../seat-view/SightReport.vue'
import MiniTable from '../board/MiniTable.vue'
import SettingCard from '../settings/SettingCard.vue'
import { stackCaption } from '../settings/stackCaption.js'
import StackView from '../settings/StackView.vue'
import { tellHems } from '../linens/tellHems.js'
import { formatDate } from '../shell/dates.js'
import { foldNames } from '../shell/words/findings/inSentence.js'
import { usePreferences } from '../stores/preferences.js'

/** What somebody else lays the table from: each kind of setting at scale, its stack drawn apart, who has which, and the list to check by. */
const props = defineProps<{ id: string }>()
const { t } = useI18n()
const { length } = usePreferences()
const look = shallowRef<Look>()
const failed = ref('')
const plan = computed(() => look.value && seatPlan(look.value))
const byPlace = computed(() => (look.value && plan.value ? kindsByPlace(look.value, plan.value.places) : []))
const kinds = computed(() =>
  look.value
    ? kindKeys(look.value).map((key) => ({
        key,
        setting: settingOf(look.value!, key),
        layout: settingItems({ ...look.value!, setting: settingOf(look.value!, key) }),
        numbers: byPlace.value.flatMap((one, i) => (one === key ? [i + 1] : []))
      }))
    : []
)
const figures = computed(() => (look.value ? createAssessor().measure(look.value).figures : undefined))
const hems = computed(() => (look.value && figures.value ? tellHems(look.value, figures.value.linens.hems, t) : ''))
const sight = computed(() => figures.value?.sight)
const checks = computed(() => (look.value ? layingChecks(look.value) : []))
const touches = computed(() => look.value?.intent.touches.filter((touch) => touch.what !== '' && touch.kind !== 'taste') ?? [])
const minutes = computed(() => (look.value ? layingMinutes(look.value) : undefined))

function say(check: (typeof checks.value)[number]): string {
  const { fold, place, edgeMm, ...params } = check.params
  return t(`sheet.check.${check.code}`, {
    ...params,
    edge: edgeMm === undefined ? '' : length(Number(edgeMm)),
    fold: fold === undefined ? '' : foldNames[fold as FoldKind],
    place: place === undefined ? '' : t(`sheet.places.${place}`)
  })
}

onMounted(async () => {
  try {
    look.value = (await api.getLook(props.id)).look
    document.title = `${t('sheet.title')} · ${look.value.occasion.title}`
  } catch (error) {
    failed.value = (error as Error).message
  }
})
const print = () => window.print()

function where({ x, y }: { readonly x: number; readonly y: number }): string {
  if (Math.abs(x) < 1) return t('sheet.inMiddle', { deep: length(y) })
  return t('sheet.at', { across: length(Math.abs(x)), side: t(x < 0 ? 'sheet.left' : 'sheet.right'), deep: length(y) })
}
</script>

<template>
  <main>
    <p v-if="failed" role="alert">{{ t('look.failed', { message: failed }) }}</p>
    <template v-else-if="look && plan">
      <header>
        <div>
          <h1>{{ t('sheet.title') }}</h1>
          <p class="soft">
            {{ look.occasion.title }} · {{ look.name }} · {{ formatDate(look.occasion.date) }} · {{ t('occasions.guests', look.guests.length) }}
          </p>
        </div>
        <div class="row tools">
          <router-link class="link" :to="{ name: 'look', params: { id, step: 'settings' } }">{{ t('sheet.back') }}</router-link>
          <el-button type="primary" @click="print">{{ t('sheet.print') }}</el-button>
        </div>
      </header>
      <section v-for="kind in kinds" :key="kind.key" class="kind">
        <h2 v-if="kinds.length > 1">{{ t('sheet.kind', { key: kind.key, places: kind.numbers.join(', ') || '–' }) }}</h2>
        <div class="pictures">
          <figure>
            <SettingCard
              :layout="kind.layout"
              :fold="kind.setting.napkin?.fold ?? 'flat'"
              :card="kind.setting.card"
              :width="length(kind.layout.widthMm)"
              :depth="length(kind.layout.depthMm)"
            />
            <figcaption class="soft small">{{ t('sheet.above') }}</figcaption>
          </figure>
          <figure>
            <StackView :look="look" :setting="kind.setting" />
            <figcaption class="soft small">{{ t(stackCaption(look, kind.setting)) }}</figcaption>
          </figure>
        </div>
        <ul class="parts small">
          <li v-for="(item, i) in kind.layout.items" :key="i">
            {{ item.piece.name }}
            <span class="soft">{{ where(item) }}</span>
          </li>
        </ul>
      </section>
      <section class="table">
        <MiniTable :look="look" numbers />
        <ol class="small">
          <li v-for="(guest, i) in look.guests" :key="guest.id">
            {{ guest.name }}<template v-if="kinds.length > 1"> · {{ byPlace[i] }}</template>
          </li>
        </ol>
      </section>
      <section>
        <h2>{{ t('sheet.list') }}</h2>
        <p v-if="minutes" class="soft small">{{ t('sheet.minutes', { folding: Math.ceil(minutes.folding), laying: Math.ceil(minutes.laying) }) }}</p>
        <ul class="checks-list">
          <li v-if="hems !== ''"><span class="box" aria-hidden="true" />{{ hems }}</li>
          <li v-for="check in checks" :key="check.code"><span class="box" aria-hidden="true" />{{ say(check) }}</li>
        </ul>
      </section>
      <section v-if="touches.length > 0">
        <h2>{{ t('meant.touch.title') }}</h2>
        <ul class="checks-list">
          <li v-for="(touch, i) in touches" :key="i">
            <span class="box" aria-hidden="true" />{{ t('sheet.touch', { kind: t(`meant.touch.kind.${touch.kind}`), what: touch.what })
            }}<template v-if="touch.where">, {{ touch.where }}</template>
          </li>
        </ul>
      </section>
      <section v-if="figures && figures.stability.clearing.pieces > 0" class="small">
        <h2>{{ t('compose.clear') }}</h2>
        <ClearingList :look="look" :clearing="figures.stability.clearing" />
      </section>
      <section v-if="sight && look.guests.length > 1" id="sight"><SightReport :look="look" :sight="sight" /></section>
    </template>
  </main>
</template>

<style scoped>
main {
  max-width: 980px;
  margin: 0 auto;
  padding: 26px 30px 50px;
}

header {
  display: flex;
  justify-content: space-between;
  align-items: start;
}

h1 {
  margin: 0;
  font-size: 27px;
}

h2 {
  font: 560 18px var(--serif);
}

.pictures {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 18px;
}

.pictures :deep(svg) {
  max-height: 330px;
}

figure {
  margin: 0;
}

.parts {
  columns: 2;
  padding-left: 18px;
}

.table {
  display: grid;
  grid-template-columns: 1.6fr 1fr;
  gap: 18px;
  align-items: center;
  margin: 18px 0;
}

.checks-list {
  display: grid;
  gap: 7px;
  padding: 0;
  list-style: none;
}

.box {
  display: inline-block;
  width: 13px;
  height: 13px;
  margin-right: 9px;
  border: 1.5px solid var(--ink);
  vertical-align: -2px;
}

@media print {
  .tools {
    display: none;
  }

  main {
    max-width: none;
    padding: 0;
  }

  .kind,
  .table {
    break-inside: avoid;
  }
}
</style>
