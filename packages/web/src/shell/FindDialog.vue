<script setup lang="ts">
import { pieceUses, type Look } from '@hestiad/core'
import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { api } from '../api/calls.js'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import SearchField from './SearchField.vue'
import { steps, type Step } from './steps.js'

/** Searches everything from one place: steps, what stands on the table, pieces, other looks, what the shops sell, commands. */
const props = defineProps<{ look: Look; modelValue: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [shown: boolean] }>()
const { t } = useI18n()
const store = useLook()
const preferences = usePreferences()
const router = useRouter()
const words = ref('')
const at = ref(0)
const field = ref<{ focus(): void }>()
const looks = shallowRef<readonly { readonly id: string; readonly title: string }[]>([])
const articles = shallowRef<readonly string[]>([])
const EACH = 5

interface Found {
  readonly kind: 'step' | 'placed' | 'piece' | 'look' | 'article' | 'command'
  readonly text: string
  readonly go: () => unknown
}

const toStep = (step: Step) => router.push({ name: 'look', params: { id: store.id, step } })
/** The step in which a kind of piece is chosen. */
const stepOfKind: Readonly<Record<string, Step>> = {
  plate: 'settings',
  glass: 'settings',
  flatware: 'settings',
  napkin: 'settings',
  cloth: 'linens',
  runner: 'linens',
  mat: 'linens',
  stem: 'florals',
  candle: 'light',
  holder: 'light',
  tool: 'menu',
  supply: 'buy'
}

const everything = computed<readonly Found[]>(() => {
  const placed = new Map(props.look.centerpiece.map((one) => [one.pieceId, one.id]))
  const used = new Set(pieceUses(props.look).map((use) => use.pieceId))
  const showPiece = (id: string, kind: string) => () => {
    store.selected = placed.get(id) ?? null
    return toStep(placed.has(id) ? 'centerpiece' : (stepOfKind[kind] ?? 'centerpiece'))
  }
  return [
    ...steps.map((step): Found => ({ kind: 'step', text: t(`step.${step}`), go: () => toStep(step) })),
    ...props.look.pieces.map((piece): Found => ({
      kind: used.has(piece.id) ? 'placed' : 'piece',
      text: piece.name,
      go: showPiece(piece.id, piece.kind)
    })),
    ...looks.value.map((look): Found => ({
      kind: 'look',
      text: look.title,
      go: () => router.push({ name: 'look', params: { id: look.id, step: 'centerpiece' } })
    })),
    ...articles.value.map((name): Found => ({ kind: 'article', text: name, go: () => router.push({ path: '/shops', query: { find: name } }) })),
    ...commands.map(({ name, run }): Found => ({ kind: 'command', text: t(name), go: run }))
  ]
})
const commands = [
  { name: 'nav.undo', run: () => store.undo() },
  { name: 'nav.redo', run: () => store.redo() },
  { name: 'nav.theme', run: () => (preferences.theme = preferences.theme === 'day' ? 'evening' : 'day') },
  { name: 'nav.units', run: () => (preferences.unit = preferences.unit === 'in' ? 'cm' : 'in') },
  { name: 'nav.hours', run: () => (preferences.hours = preferences.hours === 12 ? 24 : 12) },
  { name: 'settings.sheet', run: () => router.push({ name: 'sheet', params: { id: store.id } }) },
  { name: 'nav.cupboard', run: () => router.push('/cupboard') },
  { name: 'nav.shops', run: () => router.push('/shops') },
  { name: 'nav.occasions', run: () => router.push('/') }
] as const

const found = computed(() => {
  const parts = words.value.toLowerCase().split(/\s+/).filter(Boolean)
  const fitting = everything.value.filter((one) => parts.every((part) => one.text.toLowerCase().includes(part)))
  const kinds = ['step', 'placed', 'piece', 'look', 'article', 'command'] as const
  return kinds.flatMap((kind) => fitting.filter((one) => one.kind === kind).slice(0, EACH))
})

watch(
  () => props.modelValue,
  async (shown) => {
    if (!shown) return
    words.value = ''
    await nextTick()
    field.value?.focus()
    const answer = await api.listOccasions().catch(() => undefined)
    looks.value = (answer?.occasions ?? []).flatMap((one) => one.looks.map(({ id, look }) => ({ id, title: `${look.occasion.title}, ${look.name}` })))
  },
  { immediate: true }
)
watch(words, async (text) => {
  at.value = 0
  if (text.trim().length < 3) {
    articles.value = []
    return
  }
  const answer = await api.listArticles({ q: text }).catch(() => undefined)
  if (words.value === text) articles.value = (answer?.articles ?? []).map((one) => one.piece.name)
})

async function take(one: Found | undefined): Promise<void> {
  if (!one) return
  emit('update:modelValue', false)
  // the dialog gives the focus back to where it was, and only then may what one goes to take it
  await nextTick()
  void one.go()
}

function move(by: number): void {
  at.value = Math.max(0, Math.min(found.value.length - 1, at.value + by))
}
</script>

<template>
  <el-dialog
    :model-value="modelValue"
    :title="t('find.title')"
    width="560"
    align-center
    @update:model-value="emit('update:modelValue', $event)"
    @opened="field?.focus()"
  >
    <div @keydown.down.prevent="move(1)" @keydown.up.prevent="move(-1)" @keydown.enter.prevent="take(found[at])">
      <SearchField ref="field" v-model="words" :label="t('find.hint')" />
      <ul role="listbox" tabindex="0" :aria-label="t('find.found')">
        <li v-for="(one, i) in found" :key="`${one.kind} ${one.text} ${i}`" role="option" :aria-selected="i === at" @click="take(one)" @pointermove="at = i">
          <span>{{ one.text }}</span><span class="soft small">{{ t(`find.kinds.${one.kind}`) }}</span>
        </li>
      </ul>
      <p v-if="found.length === 0" class="soft small">{{ t('find.nothing') }}</p>
    </div>
  </el-dialog>
</template>

<style scoped>
ul {
  max-height: 52vh;
  margin: 8px 0 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}

li {
  display: flex;
  justify-content: space-between;
  padding: 6px 10px;
  border-radius: var(--radius);
  cursor: pointer;
}

li[aria-selected='true'] {
  background: var(--ember-soft);
}
</style>
