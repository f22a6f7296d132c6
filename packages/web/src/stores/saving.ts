import { lookHash, type JournalEdit } from '@hestiad/core'
import { ref, type ShallowRef } from 'vue'
import { api } from '../api/calls.js'
import { ApiProblem, problemLines } from '../api/client.js'
import { clearDraft, keepDraft } from './draft.js'
import { afterSave, documentOf, now, replayed, type OpenDocument } from './openDocument.js'

export type SaveState = 'saved' | 'unsaved' | 'saving' | 'conflict' | 'refused' | 'offline'

const SAVE_AFTER_MS = 350
const TRY_AGAIN_MS = 3000
/** So many edits are sent at once. */
const MOST_SENT = 100
/** So often a look that came out otherwise on the server is loaded and its edits sent again. */
const MOST_RESENT = 3
/** Who: this window, until there are accounts. */
const windowId = crypto.randomUUID()

/** Keeps the open look: pending edits are sent after a short while, and kept in the browser until the server has them. */
export function useSaving(open: ShallowRef<OpenDocument | undefined>, rebased: () => void) {
  const saveState = ref<SaveState>('saved')
  const problem = ref('')
  let timer: ReturnType<typeof setTimeout> | undefined
  let saving: Promise<void> | undefined
  let resent = 0

  function later(ms: number): void {
    timer ??= setTimeout(() => {
      timer = undefined
      void save()
    }, ms)
  }

  /** To be called after each step. */
  function changed(): void {
    if (!open.value) return
    keep(open.value)
    if (saveState.value === 'conflict') return
    saveState.value = 'unsaved'
    later(SAVE_AFTER_MS)
  }

  function keep({ id, saved, pending }: OpenDocument): void {
    if (pending.length === 0) clearDraft(id)
    else keepDraft(id, { base: saved.revision, edits: pending.map((step) => step.entry) })
  }

  /** Sends what is pending now. */
  async function save(): Promise<void> {
    while (saving) await saving
    if (!open.value || open.value.pending.length === 0 || saveState.value === 'conflict') return
    saving = saveOnce(open.value).finally(() => (saving = undefined))
    await saving
  }

  async function saveOnce({ id, saved, pending }: OpenDocument): Promise<void> {
    saveState.value = 'saving'
    const steps = pending.slice(0, MOST_SENT)
    const sent = steps.map((step) => step.entry)
    try {
      const hash = lookHash(steps[steps.length - 1]!.look)
      const edits = sent.map(({ inverse: _, ...entry }) => entry)
      const answer = await api.saveEdits(id, { base: saved.revision, edits, hash, window: windowId })
      if (open.value?.id !== id) return
      settle(afterSave(open.value, sent, answer.revision, answer.between))
      if (lookHash(open.value.saved.look) !== answer.hash) await reload()
    } catch (error) {
      if (open.value?.id === id) await failed(error)
    }
  }

  function settle(next: OpenDocument): void {
    const shown = open.value && now(open.value).look
    open.value = next
    keep(next)
    if (now(next).look !== shown) rebased()
    saveState.value = next.pending.length === 0 ? 'saved' : 'unsaved'
    problem.value = ''
    if (next.pending.length > 0) later(SAVE_AFTER_MS)
    else resent = 0
  }

  /** Takes the look as the server has it, and does on it what is still pending. */
  async function reload(): Promise<void> {
    if (!open.value) return
    const { id, saved } = open.value
    const answer = await api.getLook(id)
    const since = await api.editsSince(id, String(saved.revision)).then(
      ({ edits }) => edits,
      () => [] as readonly JournalEdit[]
    )
    if (open.value?.id !== id) return
    const known = new Set(since.map((entry) => entry.id))
    settle(
      replayed(
        documentOf(answer),
        open.value.pending.map((step) => step.entry),
        known
      )
    )
  }

  async function failed(error: unknown): Promise<void> {
    const refused = error instanceof ApiProblem ? error : new ApiProblem('internal', String(error), [])
    if (refused.code === 'hash-differs' && resent++ < MOST_RESENT) {
      await reload().catch(failed)
      return
    }
    if (refused.code === 'revision-conflict') {
      saveState.value = 'conflict'
      return
    }
    const isRefused = refused.code.startsWith('unusable') || refused.code === 'bad-request' || refused.code === 'too-large'
    saveState.value = isRefused ? 'refused' : 'offline'
    problem.value = problemLines(refused).join(' ')
    if (!isRefused) later(TRY_AGAIN_MS)
  }

  /** Another look is open now. */
  function begin(state: SaveState): void {
    saveState.value = state
    problem.value = ''
    resent = 0
    clearTimeout(timer)
    timer = undefined
    if (open.value && open.value.pending.length > 0 && state !== 'conflict') changed()
  }
  return { saveState, problem, changed, save, begin }
}
