import { applyEdit, layWholeLook, lookHash, type Layer, type Look, type LookRecipe, type PieceKind, type WholeLook, type WholeLookOptions } from '@hestiad/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, toRaw, watch } from 'vue'
import { api } from '../api/calls.js'
import { cupboardSaid } from '../stores/cupboardSaid.js'
import { shelfOf } from '../shops/shelf.js'
import { useLook } from '../stores/lookStore.js'
import { useTaste } from '../stores/taste.js'
import { latest } from '../workers/latest.js'
import { composingOf, keepComposing, type Composing } from './keptComposing.js'

const WANT = 5
/** What of the shops may be laid: with few new what lies at places, wilts or burns; with all new the middle too. */
const fewKinds: readonly PieceKind[] = ['cloth', 'runner', 'plate', 'glass', 'napkin', 'stem', 'candle']
const allKinds: readonly PieceKind[] = [...fewKinds, 'flatware', 'vessel', 'holder', 'tray', 'ornament']

/**
 * Whole looks composed for the open one: asked for, shown as they come, one laid in its place and taken back, or kept beside it. They live as long as
 * the look is open: composing goes on while another step is looked at, and what was composed is still there afterwards.
 */
export const useWholeLooks = defineStore('whole-looks', () => {
  const store = useLook()
  const taste = useTaste()
  const from = ref<WholeLookOptions['from']>('few-new')
  const keep = ref<readonly Layer[]>([])
  const wishLight = ref(false)
  /** The look one is to be laid after. */
  const recipe = shallowRef<LookRecipe>()
  const seed = ref(1)
  /** What was shown before: five others differ from it. */
  const earlier = shallowRef<NonNullable<WholeLookOptions['earlier']>>([])
  const { running, run } = latest<readonly WholeLook[]>()
  const done = ref(0)
  const problem = ref('')
  const canceled = ref(false)
  const found = shallowRef<Pick<Composing, 'looks' | 'base' | 'ended'>>()
  /** The choice by which one of them is preferred. */
  let preferred: string | undefined
  const laid = shallowRef<{ readonly whole: WholeLook; readonly look: Look }>()
  /** The one the table shows now. */
  const shown = computed(() => (laid.value && store.look === laid.value.look ? laid.value.whole : undefined))

  /** Fewer are there than were asked for, and no more come: one may go on from the table they were composed for. */
  const brokenOff = computed(() => found.value !== undefined && !found.value.ended && !running.value && !outdated.value)
  /** The table is another one than they were composed for, and not one of them. */
  const outdated = computed(() => {
    const { look } = store
    return found.value !== undefined && look !== undefined && !shown.value && lookHash(look) !== lookHash(found.value.base)
  })

  async function compose(again = false): Promise<void> {
    if (again) {
      seed.value++
      earlier.value = [...earlier.value, ...(found.value?.looks ?? []).map(shortly)]
    } else earlier.value = []
    if (shown.value) store.undo()
    preferred = undefined
    found.value = undefined
    if (store.look) await composeFrom(store.look, [])
  }

  /** Goes on where composing was broken off: canceled, or the page was left. */
  async function goOn(): Promise<void> {
    if (shown.value) store.undo()
    if (found.value) await composeFrom(found.value.base, found.value.looks)
  }

  async function composeFrom(base: Look, begun: readonly WholeLook[]): Promise<void> {
    const { id } = store
    const isOpen = () => store.id === id
    const want = recipe.value ? 1 : WANT
    const have = (looks: readonly WholeLook[], ended: boolean) => {
      found.value = { looks, base, ended }
      remember()
    }
    problem.value = ''
    canceled.value = false
    done.value = begun.length / want
    try {
      const end = await run(async () => {
        const [options, { composeWhole }] = await Promise.all([optionsFor(base), import('../workers/looks.js')])
        if (!isOpen()) return { answer: Promise.resolve(undefined), cancel: () => undefined }
        return composeWhole({ kind: 'compose', look: base, options: { ...options, want, begun } }, (upTo, of, looks) => {
          done.value = upTo / of
          if (looks.length > begun.length && isOpen()) have(looks, false)
        })
      })
      if (!end || !isOpen()) return
      if (end.answer === undefined) canceled.value = true
      else have(end.answer, true)
    } catch (error) {
      if (isOpen()) problem.value = (error as Error).message
    }
  }

  /** Kept with what was asked for; what the cupboard and the shops say is asked anew. */
  function remember(): void {
    const asked = { from: from.value, keep: [...keep.value], wishLight: wishLight.value, seed: seed.value, earlier: earlier.value, recipe: recipe.value }
    void keepComposing(store.id, { asked, ...found.value!, preferred })
  }

  /** What was composed the last time this look was open; one that lies on the table is told as the one shown. */
  async function restore(id: string): Promise<void> {
    const kept = await composingOf(id)
    if (!kept || store.id !== id || found.value || running.value) return
    const { asked, base, looks, ended } = kept
    const { look } = store
    // of a version whose looks had other members
    if (!look || Object.keys(base).sort().join() !== Object.keys(look).sort().join()) return
    preferred = kept.preferred
    from.value = asked.from
    keep.value = asked.keep ?? []
    wishLight.value = asked.wishLight ?? false
    seed.value = asked.seed
    earlier.value = asked.earlier ?? []
    recipe.value = asked.recipe
    found.value = { looks, base, ended }
    const whole = looks.find((one) => lookHash(applyEdit(base, layWholeLook(base, one.look))) === lookHash(look))
    if (whole) laid.value = { whole, look }
  }

  /** What is asked of every composing. */
  async function optionsFor(base: Look): Promise<Omit<WholeLookOptions, 'onProgress' | 'want'>> {
    const [said, sold] = await Promise.all([cupboardSaid(base.occasion.date), from.value === 'owned' ? undefined : shelf(base)])
    return {
      from: from.value,
      seed: seed.value,
      earlier: earlier.value,
      keep: [...keep.value],
      ...said,
      wishLight: wishLight.value,
      ...(taste.choices.length > 0 ? { taste: toRaw(taste.taste) } : {}),
      ...(recipe.value ? { recipe: recipe.value } : {}),
      ...(sold ? { shelf: sold } : {})
    }
  }

  /** What the shops sell on the day; without them composing goes on by what the look carries. */
  const shelf = (look: Look) => shelfOf(look, from.value === 'all-new' ? allKinds : fewKinds).catch(() => undefined)

  /** Of the looks shown together the last that was laid or kept is what is preferred. */
  function prefer(whole: WholeLook | undefined): void {
    const looks = found.value?.looks ?? []
    if (whole && (!looks.includes(whole) || looks.length < 2)) return
    if (preferred) taste.unchoose(preferred)
    preferred = whole && taste.choose(whole, looks)
    if (found.value) remember()
  }

  /** Lays a look in the place of the open one, or of the one laid before it; one step to undo. */
  function lay(whole: WholeLook): void {
    prefer(whole)
    if (shown.value) store.undo()
    if (!store.look) return
    store.run(layWholeLook, whole.look)
    laid.value = { whole, look: store.look }
  }

  function takeBack(): void {
    if (shown.value) store.undo()
    prefer(undefined)
  }

  /** Kept as another look of the occasion; gives its id. */
  async function keepAs(whole: WholeLook, name: string): Promise<string> {
    prefer(whole)
    return (await api.copyLook(store.id, { look: { ...whole.look, verdicts: [], lookAgainOn: null }, name })).id
  }

  /** Another look begins with nothing asked and nothing composed. */
  function forget(): void {
    running.value?.cancel()
    for (const one of [found, laid, recipe]) one.value = undefined
    for (const one of [keep, earlier]) one.value = []
    for (const one of [canceled, wishLight]) one.value = false
    seed.value = 1
    problem.value = ''
    preferred = undefined
  }
  watch(() => store.id, forget, { flush: 'sync' })
  watch(
    () => (store.look ? store.id : ''),
    (id) => void (id && restore(id)),
    { immediate: true }
  )
  return {
    from,
    keep,
    wishLight,
    recipe,
    running,
    done,
    problem,
    canceled,
    found,
    shown,
    outdated,
    brokenOff,
    optionsFor,
    compose,
    goOn,
    lay,
    takeBack,
    keepAs
  }
})

function shortly({ choices, heroId, pattern }: WholeLook): NonNullable<WholeLookOptions['earlier']>[number] {
  return { pieceIds: choices.map((choice) => choice.pieceId), heroId, pattern }
}
