<script setup lang="ts">
import FileField from '../shell/FileField.vue'
import type { Look } from '@hestiad/core'
import { ElMessageBox } from 'element-plus/es/components/message-box/index'
import 'element-plus/es/components/message-box/style/css'
import { computed, onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { api } from '../api/calls.js'
import { ApiProblem, type Dto } from '../api/client.js'
import MiniTable from '../board/MiniTable.vue'
import { formatDate } from '../shell/dates.js'
import { usePreferences } from '../stores/preferences.js'
import PageHeader from '../shell/PageHeader.vue'
import LastBackup from './LastBackup.vue'
import NewOccasionDialog from './NewOccasionDialog.vue'

const { t } = useI18n()
const router = useRouter()
const { clock } = usePreferences()
const occasions = ref<readonly Dto<'Occasion'>[]>()
/** The first look of each occasion, the newest first. */
const earlier = computed(() => (occasions.value ?? []).flatMap(({ looks }) => looks[0]?.look ?? []))
const damaged = ref<readonly Dto<'DamagedLook'>[]>([])
const failed = ref(false)
const problem = ref<ApiProblem>()
const adding = ref(false)

async function load(): Promise<void> {
  failed.value = false
  try {
    const answer = await api.listOccasions()
    damaged.value = answer.damaged
    occasions.value = [...answer.occasions].sort((a, b) => (a.looks[0]!.look.occasion.date < b.looks[0]!.look.occasion.date ? -1 : 1))
  } catch {
    failed.value = true
  }
}
onMounted(load)

async function openFile(chosen: File): Promise<void> {
  problem.value = undefined
  try {
    const answer = await api.importLook(read(await chosen.text()))
    await router.push({ name: 'look', params: { id: answer.id, step: 'centerpiece' } })
  } catch (error) {
    problem.value = error as ApiProblem
  }
}

/** The file as JSON; whether it is a look is for the server to say. */
function read(text: string): Look {
  try {
    return JSON.parse(text) as Look
  } catch {
    throw new ApiProblem('bad-json', t('occasions.notJson'), [])
  }
}

async function remove(occasionId: string, title: string): Promise<void> {
  const sure = await ElMessageBox.confirm(t('occasions.removeAsk', { title }), {
    confirmButtonText: t('occasions.removeYes'),
    cancelButtonText: t('occasions.cancel')
  }).catch(() => 'no')
  if (sure !== 'confirm') return
  await api.removeOccasion(occasionId)
  await load()
}
document.title = 'Hestiad'
</script>

<template>
  <div class="page">
    <PageHeader :title="t('occasions.title')" here="occasions">
      <FileField :label="t('occasions.import')" accept=".json,application/json" @file="openFile" />
      <el-button type="primary" @click="adding = true">{{ t('occasions.new') }}</el-button>
    </PageHeader>
    <div v-if="problem" class="problem" role="alert">
      <strong>{{ t('occasions.unusable') }}</strong> {{ problem.message }}
      <ul>
        <li v-for="(fault, i) in problem.faults" :key="i">
          <code>{{ fault.place || '/' }}</code> {{ fault.message }}
        </li>
      </ul>
    </div>
    <p v-if="failed" class="problem" role="alert">
      {{ t('occasions.failed') }} <el-button size="small" @click="load">{{ t('occasions.retry') }}</el-button>
    </p>
    <p v-else-if="occasions?.length === 0" class="soft">{{ t('occasions.empty') }}</p>
    <ul v-else class="cards">
      <li v-for="occasion in occasions" :key="occasion.id">
        <router-link :to="{ name: 'look', params: { id: occasion.looks[0]!.id, step: 'centerpiece' } }" class="card">
          <span class="drawing"><MiniTable :look="occasion.looks[0]!.look" /></span>
          <span class="title">{{ occasion.looks[0]!.look.occasion.title }}</span>
          <span class="soft">{{ occasion.looks[0]!.look.occasion.place }}</span>
          <span class="soft"
            >{{ formatDate(occasion.looks[0]!.look.occasion.date) }}, {{ clock(occasion.looks[0]!.look.occasion.arriveMin) }} ·
            {{ t('occasions.guests', occasion.looks[0]!.look.guests.length) }}</span
          >
        </router-link>
        <div class="row between">
          <span class="looks small">
            <router-link v-for="look in occasion.looks" :key="look.id" :to="{ name: 'look', params: { id: look.id, step: 'centerpiece' } }">{{
              look.name
            }}</router-link>
          </span>
          <el-button class="plain soft small" @click="remove(occasion.id, occasion.looks[0]!.look.occasion.title)">{{ t('occasions.remove') }}</el-button>
        </div>
      </li>
    </ul>
    <ul v-if="damaged.length > 0" class="damaged">
      <li v-for="look in damaged" :key="look.id" role="alert">
        <span
          ><strong>{{ look.name || look.id }}</strong
          >{{ look.date && `, ${formatDate(look.date)}` }}. {{ t('occasions.damaged') }}</span
        >
        <a :href="`/api/looks/${look.id}/stored`" class="link">{{ t('occasions.damagedSave') }}</a>
        <el-button
          v-if="!occasions?.some((one) => one.id === look.occasionId)"
          class="plain soft small last"
          @click="remove(look.occasionId, look.name || look.id)"
        >
          {{ t('occasions.remove') }}
        </el-button>
      </li>
    </ul>
    <footer class="soft small">
      <a href="/notices.txt" class="link">{{ t('occasions.notices') }}</a> · <a href="/api/docs" class="link">{{ t('occasions.api') }}</a>
      <LastBackup />
    </footer>
    <NewOccasionDialog v-model="adding" :earlier="earlier" />
  </div>
</template>

<style scoped>
.page {
  max-width: 1200px;
  margin: 0 auto;
  padding: 0 28px 40px;
}

.damaged {
  display: grid;
  gap: 8px;
  margin: 34px 0 0;
  padding: 0;
  list-style: none;
}

.damaged li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
  padding: 8px 14px;
  border-left: 3px solid var(--ember);
  background: var(--paper);
}

.damaged .last {
  margin-left: auto;
}

footer {
  margin-top: 44px;
}

.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(330px, 1fr));
  gap: 30px 34px;
  margin: 22px 0 0;
  padding: 0;
  list-style: none;
}

.card {
  display: grid;
  color: inherit;
  text-decoration: none;
}

.drawing {
  height: 210px;
  padding: 10px;
  margin-bottom: 10px;
  border: 1px solid var(--hairline);
  border-radius: 6px;
  background: var(--paper);
}

.card:hover .drawing {
  border-color: var(--ember);
}

.title {
  font: 560 19px/1.3 var(--serif);
}

.looks {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
}

.problem {
  padding: 10px 14px;
  border-left: 3px solid var(--ember);
  background: var(--ember-soft);
}
</style>
