import type { Change, Look } from '@hestiad/core'
import { refDebounced } from '@vueuse/core'
import { onUnmounted, ref, shallowRef, toRaw, watch, type Ref } from 'vue'
import type { Asked } from '../workers/asked.js'
import type { ChangesReply, ChangesRequest } from '../workers/changes.worker.js'

/** Nothing is asked before the look has been still so long, so that the Board stays quick. */
const STILL_MS = 300

/** Changes of the open look, asked again whenever it or the question changes; while they are looked for the former list stays. */
export function useChanges(look: Ref<Look>, ask: (look: Look) => Promise<ChangesRequest | undefined>) {
  const lists = shallowRef<readonly (readonly Change[])[]>([])
  /** The look the lists are about: their edits fit no other. */
  const of = shallowRef<Look>()
  const looking = ref(false)
  const problem = ref('')
  const still = refDebounced(look, STILL_MS)
  let running: Asked<ChangesReply> | undefined
  let turn = 0

  async function find(): Promise<void> {
    const mine = ++turn
    running?.cancel()
    const state = toRaw(still.value)
    looking.value = true
    problem.value = ''
    try {
      const [request, { askChanges }] = await Promise.all([ask(state), import('../workers/changes.js')])
      if (mine !== turn) return
      running = request && askChanges(request)
      const answer = running ? await running.answer : []
      if (mine !== turn || answer === undefined) return
      lists.value = answer
      of.value = state
    } catch (error) {
      if (mine === turn) problem.value = (error as Error).message
    }
    if (mine === turn) looking.value = false
  }

  watch(still, find, { immediate: true })
  onUnmounted(() => running?.cancel())
  return { lists, of, looking, problem, find }
}
