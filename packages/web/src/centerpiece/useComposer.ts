import { applyEdit, patternNames, type Composed, type Idea, type Look, type OnlyPart, type PatternName, type Source, type Steer } from '@hestiad/core'
import { computed, onUnmounted, reactive, ref, shallowRef } from 'vue'
import { cupboardSaid } from '../stores/cupboardSaid.js'
import { useLook } from '../stores/lookStore.js'
import type { Asked } from '../workers/asked.js'
import { latest } from '../workers/latest.js'

/** One pattern, or the best of each. */
export type PatternChoice = PatternName | 'six'

const WANT = 6

/** Asks for ideas, shows them one in the place of the other, and steers them; each is one step that undo takes back. */
export function useComposer() {
  const store = useLook()
  const pattern = ref<PatternChoice>('six')
  const from = ref<Source>('few-new')
  const anchorId = ref<string | null>(null)
  const wishLight = ref(false)
  const without = ref<readonly string[]>([])
  const steer = reactive<Record<keyof Steer, number>>({ amount: 0, height: 0, richness: 0, warmth: 0 })
  const seed = ref(1)
  const { running, run } = latest<Composed>()
  const progress = ref(0)
  const problem = ref('')
  const canceled = ref(false)
  const composed = shallowRef<Composed & { readonly base: Look; readonly only: OnlyPart | null }>()
  const laid = shallowRef<{ readonly idea: Idea; readonly look: Look }>()
  /** The idea that the table shows now. */
  const shown = computed(() => (laid.value && store.look === laid.value.look ? laid.value.idea : undefined))
  /** Ideas are made for the table as it was before any of them was laid. */
  const isCurrent = computed(() => composed.value !== undefined && (store.look === composed.value.base || shown.value !== undefined))

  async function compose(of: PatternChoice = pattern.value, only: OnlyPart | null = null): Promise<void> {
    // flowers or lights alone are composed for what is shown
    if (!only) takeBack()
    const base = store.look
    if (!base) return
    problem.value = ''
    canceled.value = false
    progress.value = 0
    try {
      const end = await run(() => asked(base, of, only))
      if (!end) return
      if (end.answer === undefined) canceled.value = true
      else {
        composed.value = { ...end.answer, base, only }
        laid.value = undefined
        const [first] = end.answer.ideas
        if (first && store.look === base) lay(first)
      }
    } catch (error) {
      problem.value = (error as Error).message
    }
  }

  async function asked(look: Look, of: PatternChoice, only: OnlyPart | null): Promise<Asked<Composed>> {
    const { without: unseasonable, together } = await cupboardSaid(look.occasion.date)
    const options = {
      patterns: of === 'six' ? patternNames : [of],
      from: from.value,
      want: WANT,
      seed: seed.value,
      without: [...without.value, ...unseasonable],
      together,
      anchorId: anchorId.value,
      wishLight: wishLight.value,
      steer: { ...steer }
    }
    // loaded when it is first asked for: its worker carries the core once more
    const { compose: start } = await import('../workers/composer.js')
    return start({ look, options, only }, (done, of_) => (progress.value = done / of_))
  }

  /** Takes back what is shown; the look before it is the same table, though another object. */
  function takeBack(): void {
    if (!shown.value || !composed.value) return
    store.undo()
    if (store.look) composed.value = { ...composed.value, base: store.look }
  }

  /** Lays an idea in the place of the one that is shown. */
  function lay(idea: Idea): void {
    takeBack()
    if (!composed.value || store.look !== composed.value.base) return
    store.apply(idea.edit)
    laid.value = { idea, look: store.look }
  }

  /** The next idea; after the last others of its pattern. */
  function another(): void {
    const ideas = composed.value?.ideas ?? []
    const next = ideas[ideas.findIndex((idea) => idea === shown.value) + 1]
    if (isCurrent.value && next) lay(next)
    else {
      seed.value++
      void compose()
    }
  }

  /** A variation of what is shown, or back from it. */
  function turn(axis: keyof Steer, by: -1 | 1): void {
    steer[axis] = steer[axis] === by ? 0 : by
    void compose(shown.value?.pattern ?? pattern.value)
  }

  function leaveOut(pieceId: string): void {
    without.value = [...without.value, pieceId]
    void compose(shown.value?.pattern ?? pattern.value)
  }

  function bringBack(pieceId: string): void {
    without.value = without.value.filter((id) => id !== pieceId)
  }

  onUnmounted(() => running.value?.cancel())
  const lookOf = (idea: Idea) => applyEdit(composed.value!.base, idea.edit)
  return {
    pattern,
    from,
    anchorId,
    wishLight,
    without,
    steer,
    running,
    progress,
    problem,
    canceled,
    composed,
    shown,
    isCurrent,
    compose,
    lay,
    another,
    turn,
    leaveOut,
    bringBack,
    lookOf
  }
}

export type ComposerState = ReturnType<typeof useComposer>
