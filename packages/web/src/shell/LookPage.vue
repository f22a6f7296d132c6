<script setup lang="ts">
import { onKeyStroke, useElementSize, useEventListener, useMediaQuery, useTimeoutFn } from '@vueuse/core'
import { computed, defineAsyncComponent, nextTick, ref, watch, type Component } from 'vue'
import { useI18n } from 'vue-i18n'
import Board from '../board/Board.vue'
import FindingList from '../findings/FindingList.vue'
import { stepOf } from '../findings/findingWords.js'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import { useEver } from './ever.js'
import { onKeys } from './keys.js'
import LookAgain from '../looks/LookAgain.vue'
import LookHeader from './LookHeader.vue'
import StepRail from './StepRail.vue'
import { UPRIGHT_SHARE, usualShares, type Step } from './steps.js'

const props = defineProps<{ id: string; step: Step }>()
const { t } = useI18n()
const store = useLook()
const failure = ref('')
const keysShown = ref(false)
const finding = ref(false)
// dialogs are made when they are first shown; their code comes once the table stands, so that it is there when the server is not
const dialogs = { find: () => import('./FindDialog.vue'), keys: () => import('./KeysDialog.vue'), conflict: () => import('./ConflictDialog.vue') }
const FindDialog = defineAsyncComponent(dialogs.find)
const KeysDialog = defineAsyncComponent(dialogs.keys)
const ConflictDialog = defineAsyncComponent(dialogs.conflict)
const DIALOGS_AFTER_MS = 2000
useTimeoutFn(() => void Promise.allSettled(Object.values(dialogs).map((fetch) => fetch())), DIALOGS_AFTER_MS)
const ever = { find: useEver(() => finding.value), keys: useEver(() => keysShown.value), conflict: useEver(() => store.saveState === 'conflict') }
// the table can be worked on before these are there
const CupboardNews = defineAsyncComponent(() => import('./CupboardNews.vue'))
const LedgerLine = defineAsyncComponent(() => import('./LedgerLine.vue'))

const panels: Record<Step, Component> = {
  brief: defineAsyncComponent(() => import('../brief/BriefPanel.vue')),
  seats: defineAsyncComponent(() => import('../seats/SeatsPanel.vue')),
  menu: defineAsyncComponent(() => import('../menu/MenuPanel.vue')),
  linens: defineAsyncComponent(() => import('../linens/LinensPanel.vue')),
  settings: defineAsyncComponent(() => import('../settings/SettingsPanel.vue')),
  centerpiece: defineAsyncComponent(() => import('../centerpiece/CenterpiecePanel.vue')),
  florals: defineAsyncComponent(() => import('../florals/FloralsPanel.vue')),
  light: defineAsyncComponent(() => import('../light/LightPanel.vue')),
  colors: defineAsyncComponent(() => import('../colors/ColorsPanel.vue')),
  looks: defineAsyncComponent(() => import('../looks/LooksPanel.vue')),
  buy: defineAsyncComponent(() => import('../buying/BuyPanel.vue'))
}
const panel = computed(() => panels[props.step])

/** Steps whose work is looked at closer than the whole table; all others have the Board. */
const stages: { readonly [S in Step]?: Component } = {
  settings: defineAsyncComponent(() => import('../settings/SettingsStage.vue')),
  florals: defineAsyncComponent(() => import('../florals/FloralsStage.vue')),
  light: defineAsyncComponent(() => import('../light/LightStage.vue'))
}
const SewingStage = defineAsyncComponent(() => import('../linens/SewingStage.vue'))
/** Where something is sewn its cutting plan has the stage. */
const stage = computed(() => (props.step === 'linens' && store.drawn?.linens.sewing ? SewingStage : (stages[props.step] ?? Board)))
const { workShares } = usePreferences()
const upright = useMediaQuery('(max-width: 1100px) and (orientation: portrait)')
const parts = ref()
const { width, height } = useElementSize(parts)
/** From step to step only the bar moves: in px once the parts are measured, since the splitter works out a share only once. */
const stageSize = computed(() => {
  const share = 100 - (upright.value ? UPRIGHT_SHARE : (workShares[props.step] ?? usualShares[props.step]))
  const long = upright.value ? height.value : width.value
  return long > 0 ? (long * share) / 100 : `${share}%`
})
const work = ref<HTMLElement>()
const heading = ref<HTMLElement>()
/** Whether a key was the last thing pressed. */
let byKeys = false
useEventListener(window, 'keydown', () => void (byKeys = true), { capture: true })
useEventListener(window, 'pointerdown', () => void (byKeys = false), { capture: true })

function parted(_: number, sizes: readonly number[]): void {
  if (upright.value) return
  const [stageWide, workWide] = sizes as [number, number]
  workShares[props.step] = Math.round((100 * workWide) / (stageWide + workWide))
}

// each step opens at its top, with nothing of the one before left open; who goes there by keys goes on from its heading
watch(
  () => props.step,
  async () => {
    if (store.shown && stepOf(store.shown.code) !== props.step) store.openFinding = null
    work.value?.scrollTo({ top: 0 })
    await nextTick()
    if (byKeys) heading.value?.focus()
  }
)

watch(
  () => props.id,
  async (id) => {
    failure.value = ''
    try {
      await store.open(id)
    } catch (error) {
      failure.value = (error as Error).message
    }
  },
  { immediate: true }
)
watch(
  () => store.look,
  (look) => (document.title = look ? `${look.occasion.title} · Hestiad` : 'Hestiad'),
  { immediate: true }
)

onKeyStroke(
  onKeys({
    undo: () => store.undo(),
    redo: () => store.redo(),
    help: () => void (keysShown.value = true),
    search: () => void (finding.value = true)
  })
)
</script>

<template>
  <main v-if="store.look && store.id === id" class="look">
    <LookHeader :look="store.look" @keys="keysShown = true" @find="finding = true" />
    <StepRail :id="id" :step="step" />
    <el-splitter :key="String(upright)" ref="parts" class="parts" :layout="upright ? 'vertical' : 'horizontal'" @resize-end="parted">
      <el-splitter-panel :size="stageSize" min="24%">
        <component :is="stage" :look="store.drawn ?? store.look" :step="step" />
      </el-splitter-panel>
      <el-splitter-panel min="280px">
        <aside ref="work" class="panel" :class="step" :aria-label="t(`step.${step}`)">
          <h2 ref="heading" tabindex="-1">{{ t(`step.${step}`) }}</h2>
          <CupboardNews :look="store.look" />
          <LookAgain :look="store.look" />
          <FindingList :step="step" />
          <hr class="rule" />
          <component :is="panel" :look="store.look" />
        </aside>
      </el-splitter-panel>
    </el-splitter>
    <LedgerLine :look="store.look" :figures="store.figures" />
    <ConflictDialog v-if="ever.conflict.value" />
    <KeysDialog v-if="ever.keys.value" v-model="keysShown" />
    <FindDialog v-if="ever.find.value" v-model="finding" :look="store.look" />
  </main>
  <main v-else class="waiting" role="status">
    <p v-if="failure">
      {{ t('look.failed', { message: failure }) }} <router-link to="/">{{ t('look.back') }}</router-link>
    </p>
    <p v-else class="soft">{{ t('look.loading') }}</p>
  </main>
</template>

<style scoped>
.look {
  display: grid;
  grid-template: 'head head' 50px 'rail parts' minmax(0, 1fr) 'ledger ledger' 58px / 134px minmax(0, 1fr);
  height: 100dvh;
}

.parts {
  grid-area: parts;
  min-height: 0;
}

.parts :deep(.el-splitter-panel) {
  overflow: hidden;
}

.panel {
  display: grid;
  gap: 10px;
  align-content: start;
  height: 100%;
  overflow: auto;
  padding: 2px 18px 18px 16px;
  scrollbar-width: thin;
  container: work / inline-size;
}

/* shown where one goes on by keys, and nothing of it outside the panel */
.panel > h2 {
  justify-self: start;
  outline-offset: 0;
}

.waiting {
  display: grid;
  place-items: center;
  height: 100dvh;
}

@media (max-width: 1100px) {
  .look {
    grid-template: 'head' 50px 'rail' auto 'parts' minmax(0, 1fr) 'ledger' 58px / minmax(0, 1fr);
  }
}
</style>
