import { applyEdit, kindsBought, layWholeLook, lookHash, type Layer, type Look, type LookRecipe, type WholeLook, type WholeLookOptions } from '@hestiad/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, toRaw, watch } from 'vue'
import { api } from '../api/calls.js'
import type { Answer } from '../api/client.js'
import { cupboardSaid } from '../stores/cupboardSaid.js'
import { shelfOf } from '../shops/shelf.js'
import { useLook } from '../stores/lookStore.js'
import { useTaste } from '../stores/taste.js'

const ASK_EVERY_MS = 150

/** What the server found for a table, as far as it is. */
interface Found {
  /** Of the composing. */
  readonly id: string
  readonly base: Look
  readonly looks: readonly WholeLook[]
  /** Whether all that was asked for is there. */
  readonly ended: boolean
}

/**
 * Whole looks composed for the open one on the server: asked for, shown as they come, one laid in its place and taken back, or kept beside it. Composing
 * goes on while another step, another look or another page is looked at, and what was composed is there when the look is opened again.
 */
export const useWholeLooks = defineStore('whole-looks', () => {
  const store = useLook()
  const taste = useTaste()
  const from = ref<WholeLookOptions['from']>('few-new')
  const keep = ref<readonly Layer[]>([])
  const wishLight = ref(false)
  /** The look one is to be laid after. */
  const recipe = shallowRef<LookRecipe>()
  const running = ref(false)
  const done = ref(0)
  const problem = ref('')
  const canceled = ref(false)
  const found = shallowRef<Found>()
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

  /** Whoever asks after a composing stops when another one is asked after. */
  let turn = 0

  async function compose(others = false): Promise<void> {
    if (shown.value) store.undo()
    const { look: base } = store
    if (!base) return
    await follow(base, async (lookId) => (await api.startComposing(lookId, { base, asked: asked(), others, ...liked() })).id)
  }

  const asked = () => ({ from: from.value, keep: [...keep.value], wishLight: wishLight.value, ...(recipe.value && { recipe: recipe.value }) })
  const liked = () => (taste.choices.length > 0 ? { taste: toRaw(taste.taste) } : {})

  /** Goes on where composing was broken off: canceled, or the server was stopped. */
  async function goOn(): Promise<void> {
    if (shown.value) store.undo()
    if (found.value) await follow(found.value.base, async (lookId) => (await api.goOnComposing(lookId)).id)
  }

  /** Asks after a composing until it has ended; what is found is shown as it comes. */
  async function follow(base: Look, begin: (lookId: string) => string | Promise<string>): Promise<void> {
    const lookId = store.id
    const mine = ++turn
    const isMine = () => mine === turn && store.id === lookId
    problem.value = ''
    canceled.value = false
    done.value = 0
    running.value = true
    try {
      const id = await begin(lookId)
      if (!isMine()) return
      if (found.value?.id !== id) found.value = undefined
      for (;;) {
        const now = await api.getComposing(lookId, { have: String(found.value?.looks.length ?? 0) })
        if (!isMine()) return
        // another window composes for this look now
        if (now.id !== id) return await restore(lookId)
        take(base, now)
        if (now.state !== 'running') break
        await new Promise((pass) => setTimeout(pass, ASK_EVERY_MS))
        if (!isMine()) return
      }
    } catch (error) {
      if (isMine()) problem.value = (error as Error).message
    } finally {
      if (isMine()) running.value = false
    }
  }

  function take(base: Look, { id, state, looks, ...now }: Answer<'getComposing'>): void {
    done.value = now.done
    // each direction is there once; one that is there already stays the same object
    const had = found.value?.looks ?? []
    const all = looks?.map((one) => had.find(({ direction }) => direction === one.direction) ?? one) ?? had
    if (all.length > 0 || state !== 'running') found.value = { id, base, looks: all, ended: state === 'ended' }
    canceled.value = state === 'broken-off'
    problem.value = now.message ?? ''
  }

  /** Ends it on the server; what was found stays. */
  async function cancel(): Promise<void> {
    await api.cancelComposing(store.id).catch((error: Error) => void (problem.value = error.message))
  }

  /** What was composed the last time for this look, or is being composed; one that lies on the table is told as the one shown. */
  async function restore(lookId: string): Promise<void> {
    const mine = turn
    const now = await api.getComposing(lookId).catch(() => undefined)
    const { look } = store
    if (!now?.base || !now.asked || !look || store.id !== lookId || mine !== turn) return
    const { base, asked } = now
    from.value = asked.from
    keep.value = asked.keep
    wishLight.value = asked.wishLight
    recipe.value = asked.recipe
    take(base, now)
    canceled.value = false
    const whole = found.value?.looks.find((one) => lookHash(applyEdit(base, layWholeLook(base, one.look))) === lookHash(look))
    if (whole) laid.value = { whole, look }
    if (now.state === 'running') await follow(base, () => now.id)
  }

  /** What is asked where looks are composed for other sums of money. */
  async function optionsFor(base: Look): Promise<Omit<WholeLookOptions, 'onProgress' | 'want'>> {
    const { value } = from
    const [said, sold] = await Promise.all([
      cupboardSaid(base.occasion.date),
      // without the shops it is composed by what the look carries
      value === 'owned' ? undefined : shelfOf(base, kindsBought[value]).catch(() => undefined)
    ])
    return { seed: 1, ...asked(), ...said, ...liked(), ...(sold && { shelf: sold }) }
  }

  /** Of the looks shown together the last that was laid or kept is what is preferred. */
  function prefer(whole: WholeLook): void {
    const { looks = [], id = '' } = found.value ?? {}
    if (looks.includes(whole) && looks.length > 1) taste.choose(whole, looks, id)
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
    if (found.value) taste.unchoose(found.value.id)
  }

  /** Kept as another look of the occasion; gives its id. */
  async function keepAs(whole: WholeLook, name: string): Promise<string> {
    prefer(whole)
    return (await api.copyLook(store.id, { look: { ...whole.look, verdicts: [], lookAgainOn: null }, name })).id
  }

  /** Another look begins with nothing asked and nothing composed; what is under way for this one goes on, and is there when it is opened again. */
  function forget(): void {
    turn++
    for (const one of [found, laid, recipe]) one.value = undefined
    for (const one of [canceled, wishLight, running]) one.value = false
    keep.value = []
    problem.value = ''
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
    cancel,
    goOn,
    lay,
    takeBack,
    keepAs
  }
})
