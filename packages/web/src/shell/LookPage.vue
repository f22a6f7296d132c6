<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, watch, type Component } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import Board from '../board/Board.vue'
import CenterpiecePanel from '../centerpiece/CenterpiecePanel.vue'
import FindingList from '../findings/FindingList.vue'
import { useLook } from '../stores/lookStore.js'
import { onKeys } from './keys.js'
import ConflictDialog from './ConflictDialog.vue'
import CupboardNews from './CupboardNews.vue'
import KeysDialog from './KeysDialog.vue'
import LedgerLine from './LedgerLine.vue'
import LookHeader from './LookHeader.vue'
import StepRail from './StepRail.vue'
import type { Step } from './steps.js'

const props = defineProps<{ id: string; step: Step }>()
const { t } = useI18n()
const router = useRouter()
const store = useLook()
const failure = ref('')
const keysShown = ref(false)

const panels: Record<Step, Component> = {
  brief: defineAsyncComponent(() => import('../brief/BriefPanel.vue')),
  seats: defineAsyncComponent(() => import('../seats/SeatsPanel.vue')),
  menu: defineAsyncComponent(() => import('../menu/MenuPanel.vue')),
  linens: defineAsyncComponent(() => import('../linens/LinensPanel.vue')),
  settings: defineAsyncComponent(() => import('../settings/SettingsPanel.vue')),
  centerpiece: CenterpiecePanel,
  florals: defineAsyncComponent(() => import('../florals/FloralsPanel.vue')),
  light: defineAsyncComponent(() => import('../light/LightPanel.vue')),
  buy: defineAsyncComponent(() => import('../buying/BuyPanel.vue'))
}
const panel = computed(() => panels[props.step])

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
    search: () =>
      void router
        .push({ name: 'look', params: { id: props.id, step: 'centerpiece' } })
        .then(() => document.querySelector<HTMLInputElement>('#piece-search')?.focus())
  })
)
</script>

<template>
  <main v-if="store.look && store.id === id" class="look">
    <LookHeader :look="store.look" @keys="keysShown = true" />
    <StepRail :id="id" :step="step" />
    <Board :look="store.look" :step="step" />
    <aside class="panel" :aria-label="t(`step.${step}`)">
      <h2>{{ t(`step.${step}`) }}</h2>
      <CupboardNews :look="store.look" />
      <FindingList :step="step" />
      <hr class="rule" />
      <component :is="panel" :look="store.look" />
    </aside>
    <LedgerLine :look="store.look" :figures="store.figures" />
    <ConflictDialog />
    <KeysDialog v-model="keysShown" />
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
  grid-template: 'head head head' 50px 'rail board panel' minmax(0, 1fr) 'ledger ledger ledger' 58px / 134px minmax(0, 1fr) 320px;
  height: 100dvh;
}

.panel {
  grid-area: panel;
  display: grid;
  gap: 10px;
  align-content: start;
  overflow: auto;
  padding: 2px 18px 18px 20px;
  scrollbar-width: thin;
}

.waiting {
  display: grid;
  place-items: center;
  height: 100dvh;
}

@media (max-width: 1100px) {
  .look {
    grid-template: 'head head' 50px 'rail rail' auto 'board panel' minmax(0, 1fr) 'ledger ledger' 58px / minmax(0, 1fr) 300px;
  }
}

@media (max-width: 1100px) and (orientation: portrait) {
  .look {
    grid-template: 'head' 50px 'rail' auto 'board' minmax(0, 1.35fr) 'panel' minmax(0, 1fr) 'ledger' 58px / minmax(0, 1fr);
  }
}
</style>
