<script setup lang="ts">
import { findingKey, remedyRank, type BareFinding, type FindingCode, type Remedy } from '@hestiad/core'
import { computed, nextTick, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { steps, type Step } from '../shell/steps.js'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import RemedyPreview from './RemedyPreview.vue'
import { describeFinding, describeRemedy, stepOf } from './findingWords.js'

/** The findings of a step, each opening to its measure, limit, reason and remedies; the open one is shown whatever its step. */
const props = defineProps<{ step: Step }>()
const { t } = useI18n()
const store = useLook()
const preferences = usePreferences()
const done = ref('')
const list = ref<HTMLElement>()

const rank = { stop: 0, warn: 1, note: 2 }
const shown = computed(() =>
  [...store.restingFindings]
    .filter((f) => stepOf(f.code) === props.step || findingKey(f) === store.openFinding)
    .sort((a, b) => rank[a.severity] - rank[b.severity])
)
const elsewhere = computed(() => {
  const others = store.restingFindings.filter((f) => !shown.value.includes(f))
  return steps.map((step) => ({ step, count: others.filter((f) => stepOf(f.code) === step).length })).filter((s) => s.count > 0)
})
const words = computed(() => ({ t, look: store.look!, ...preferences.measures }))
const describe = (finding: BareFinding) => describeFinding(finding, words.value)
const remediesOf = (finding: BareFinding) => store.remedies.get(findingKey(finding))

function toggle(finding: BareFinding): void {
  const key = findingKey(finding)
  store.openFinding = store.openFinding === key ? null : key
  if (finding.at.kind === 'piece') store.selected = finding.at.placedId
}

/** Whether a remedy keeps the idea and costs nothing elsewhere, so that it may be the one to press. */
function keepsIdea({ code, brings }: Remedy): boolean {
  return remedyRank(code) < 3 && brings.every((one) => one.severity === 'note')
}

/** So many remedies show the plan before and after them. */
const PREVIEWS = 3
/** Whether a remedy moves, takes off or exchanges what stands in the middle, so that there is something to see. */
const changesPlan = ({ edit }: Remedy) => edit.patches.some(({ path }) => path[0] === 'centerpiece')

function doIt(remedy: Remedy): void {
  done.value = describeRemedy(remedy, words.value).what
  store.apply(remedy.edit)
  store.openFinding = null
}

function takeBack(): void {
  store.undo()
  done.value = ''
}

watch(
  () => store.openFinding,
  async (key) => {
    if (!key) return
    if (!store.remedies.has(key)) void store.findRemedies()
    await nextTick()
    list.value?.querySelector('.finding.open')?.scrollIntoView({ block: 'nearest' })
  }
)
watch(
  () => store.past.length,
  (now, before) => {
    if (now < before) done.value = ''
  }
)

watch(
  () => props.step,
  () => (done.value = '')
)

const shape = (code: FindingCode, severity: BareFinding['severity']) => `${severity} ${code}`
</script>

<template>
  <section ref="list" class="findings" :aria-label="t('findings.title')" aria-live="polite">
    <p v-if="done" class="done row between">
      <span>{{ t('findings.applied', { what: done }) }}</span>
      <el-button class="plain link" @click="takeBack">{{ t('findings.undone') }}</el-button>
    </p>
    <article
      v-for="finding in shown"
      :key="findingKey(finding)"
      class="finding"
      :class="[shape(finding.code, finding.severity), { open: store.openFinding === findingKey(finding) }]"
    >
      <el-button class="plain head" :aria-expanded="store.openFinding === findingKey(finding)" @click="toggle(finding)">
        <span class="badge">{{ t(`severity.${finding.severity}`) }}</span>
        <span class="title"
          >{{ describe(finding).title }} <span v-if="finding.also" class="count">{{ t('findings.places', { n: finding.also.length + 1 }) }}</span></span
        >
      </el-button>
      <div v-if="store.openFinding === findingKey(finding)" class="body">
        <p class="measures">
          <strong>{{ describe(finding).is }}</strong><span class="soft">{{ describe(finding).limit }}</span>
        </p>
        <p class="soft small">{{ describe(finding).because }}</p>
        <p v-if="!remediesOf(finding)" class="soft small">{{ t('findings.looking') }}</p>
        <p v-else-if="remediesOf(finding)?.length === 0" class="soft small">{{ t('findings.noRemedy') }}</p>
        <ul v-else>
          <li v-for="(remedy, i) in remediesOf(finding)" :key="`${remedy.code} ${i}`">
            <span>
              <span class="what">{{ describeRemedy(remedy, words).what }}</span>
              <span class="soft small">{{ describeRemedy(remedy, words).effect }}</span>
              <RemedyPreview v-if="i < PREVIEWS && changesPlan(remedy)" :look="store.look!" :edit="remedy.edit" />
            </span>
            <el-button :type="i === 0 && keepsIdea(remedy) ? 'primary' : 'default'" round size="small" @click="doIt(remedy)">{{
              t('findings.doIt')
            }}</el-button>
          </li>
        </ul>
      </div>
    </article>
    <p v-if="shown.length === 0 && !done" class="soft small">{{ store.figures ? t('findings.none') : t('findings.measuring') }}</p>
    <p v-if="elsewhere.length > 0" class="soft small elsewhere">
      <router-link v-for="other in elsewhere" :key="other.step" :to="{ name: 'look', params: { id: store.id, step: other.step } }"
        >{{ t(`step.${other.step}`) }} {{ other.count }}</router-link
      >
    </p>
  </section>
</template>

<style scoped>
.findings {
  display: grid;
  gap: 6px;
}

.findings p {
  margin: 0;
}

.done {
  padding: 7px 10px;
  border-radius: var(--radius);
  background: var(--moss-soft);
}

.link {
  font-weight: 600;
  text-decoration: underline;
}

.finding {
  border-left: 3px solid var(--ember);
  padding: 2px 0 2px 10px;
}

.finding.note {
  border-left-color: var(--hairline-strong);
}

.finding.open {
  padding-bottom: 4px;
}

.head {
  display: flex;
  gap: 8px;
  align-items: baseline;
  width: 100%;
  padding: 3px 0;
}

.badge {
  flex: none;
  font-size: 11px;
  font-weight: 650;
  letter-spacing: 0.02em;
  color: var(--ember);
}

.note .badge {
  color: var(--soft-ink);
}

.title {
  font-weight: 600;
}

.count {
  padding: 1px 7px;
  border: 1px solid currentcolor;
  border-radius: 9px;
  font: 600 11px var(--sans);
  white-space: nowrap;
}

.open .title {
  font: 560 16px/1.25 var(--serif);
  color: var(--ember);
}

.body {
  display: grid;
  gap: 8px;
}

.measures {
  display: grid;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 10px;
  align-items: center;
  justify-content: space-between;
  padding: 8px 0;
  border-top: 1px solid var(--hairline);
}

li > span {
  display: grid;
}

.what {
  font-weight: 600;
}

.elsewhere {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  padding-top: 2px;
}
</style>
