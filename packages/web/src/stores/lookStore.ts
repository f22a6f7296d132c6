import {
  applyEdit,
  findingKey,
  inverseOf,
  makeEdit,
  type BareFinding,
  type Edit,
  type EditName,
  type Figures,
  type HeightMap,
  type Look,
  type MirrorAxis,
  type Remedy,
  type Saving,
  type Seating
} from '@hestiad/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { afterFrame } from './afterFrame.js'
import { api, ApiProblem, type LookAnswer } from '../api/client.js'
import { startAssessor } from '../workers/assessor.js'
import { clearDraft, keepDraft, readDraft } from './draft.js'

type Recipe = Parameters<typeof makeEdit>[2]
export type SaveState = 'saved' | 'unsaved' | 'saving' | 'conflict' | 'offline'

const SAVE_AFTER_MS = 350
/** While something is dragged, figures are told no more often than this, so that the hand is never held up. */
const CALM_MS = 90
const MOST_HISTORY = 200

/** The open look: its document, what was done to it, what the engine says of it, and whether it is kept. */
export const useLook = defineStore('look', () => {
  const assessor = startAssessor()
  const id = ref('')
  const occasionId = ref('')
  const revision = ref(0)
  const look = shallowRef<Look>()
  const past = shallowRef<readonly Edit[]>([])
  const future = shallowRef<readonly Edit[]>([])
  const figures = shallowRef<Figures>()
  const findings = shallowRef<readonly BareFinding[]>([])
  /** The figures and findings of the look before a drag: panels rest while it goes on, the Board, the rail and the ledger do not. */
  const resting = shallowRef<Figures>()
  const restingFindings = shallowRef<readonly BareFinding[]>([])
  const remedies = shallowRef<ReadonlyMap<string, readonly Remedy[]>>(new Map())
  const selected = ref<string | null>(null)
  /** What the look would be if what is dragged were let go of now; `look` stays as it was until then. */
  const held = shallowRef<Look>()
  const heights = shallowRef<HeightMap>()
  /** What the last measuring took in the worker. */
  const tookMs = ref(0)
  /** Others chosen with it. */
  const also = ref<readonly string[]>([])
  /** Across what moving a piece moves its like at the mirror image; null when it does not. */
  const mirror = ref<MirrorAxis | null>(null)
  const openFinding = ref<string | null>(null)
  const saveState = ref<SaveState>('saved')
  const problem = ref('')
  let timer: ReturnType<typeof setTimeout> | undefined
  let saving: Promise<void> | undefined
  let measuring = false
  let toldAt = 0
  let again = false

  function take(answer: LookAnswer): void {
    id.value = answer.id
    occasionId.value = answer.occasionId
    revision.value = answer.revision
    past.value = answer.history.past
    future.value = answer.history.future
    selected.value = null
    openFinding.value = null
    saveState.value = 'saved'
    problem.value = ''
    show(answer.look)
  }

  /** Loads a look; what a crash kept from being saved is put back on top of it. */
  async function open(lookId: string): Promise<void> {
    if (id.value === lookId && look.value) return
    look.value = undefined
    figures.value = undefined
    resting.value = undefined
    const answer = await api.look(lookId)
    take(answer)
    const draft = readDraft(lookId)
    if (draft && draft.revision === answer.revision) {
      past.value = draft.past
      future.value = draft.future
      show(draft.look)
      scheduleSave()
    }
  }

  /** Shows and measures a state of a drag. */
  function showHeld(next: Look): void {
    held.value = next
    void measure()
  }

  /** Back to where a drag began. */
  function letGo(): void {
    held.value = undefined
    void measure()
  }

  /** Shows a state of the look and has it measured. */
  function show(next: Look): void {
    look.value = next
    void measure()
  }

  async function measure(): Promise<void> {
    if (measuring) {
      again = true
      return
    }
    measuring = true
    do {
      again = false
      await calm()
      const state = held.value ?? look.value
      if (!state) break
      const answer = await assessor.measure(state)
      if (held.value) await afterFrame()
      figures.value = answer.figures
      if (held.value) await afterFrame()
      findings.value = answer.findings
      tookMs.value = answer.tookMs
      if (!held.value) {
        resting.value = answer.figures
        restingFindings.value = answer.findings
      }
      if (heights.value && look.value === state) await showHeights(true)
    } while (again)
    measuring = false
    if (!held.value) void findRemedies()
  }

  /** While something is dragged figures come at most so often, so that the page follows the pointer. */
  async function calm(): Promise<void> {
    const wait = held.value ? CALM_MS - (performance.now() - toldAt) : 0
    if (wait > 0) await new Promise((resolve) => setTimeout(resolve, wait))
    toldAt = performance.now()
  }

  async function findRemedies(): Promise<void> {
    const state = look.value
    const found = findings.value
    if (!state || held.value) return
    const map = new Map<string, readonly Remedy[]>()
    const first = found.filter((finding) => findingKey(finding) === openFinding.value)
    for (const finding of [...first, ...found.filter((f) => !first.includes(f))]) {
      map.set(findingKey(finding), await assessor.remedies(state, finding))
      if (look.value !== state || findings.value !== found || held.value) return
      remedies.value = new Map(map)
    }
    remedies.value = map
  }

  /** What would save most, by the worker. */
  async function findSavings(): Promise<readonly Saving[]> {
    return look.value ? assessor.savings(look.value) : []
  }

  /** The best seating of the guests, by the worker. */
  async function findSeating(): Promise<Seating | undefined> {
    return look.value ? assessor.seat(look.value) : undefined
  }

  /** Shows on the Board how tall things may be where, or no longer. */
  async function showHeights(on: boolean): Promise<void> {
    heights.value = on && look.value ? await assessor.heights(look.value) : undefined
  }

  /** Chooses a piece, or with `more` one more, or lets that go. */
  function choose(id: string | null, more = false): void {
    if (!more || selected.value === null || id === null) {
      if (selected.value !== id) also.value = []
      selected.value = id
    } else if (also.value.includes(id)) also.value = also.value.filter((one) => one !== id)
    else if (id !== selected.value) also.value = [...also.value, id]
  }

  /** Makes an edit by a recipe and applies it. */
  function edit(what: EditName, recipe: Recipe): void {
    if (look.value) apply(makeEdit(look.value, what, recipe))
  }

  function apply(done: Edit): void {
    if (!look.value || done.patches.length === 0) return
    commit(look.value, done)
  }

  /** Applies an edit to `base`, the state before a drag began, whatever was shown meanwhile. */
  function commit(base: Look, done: Edit): void {
    held.value = undefined
    past.value = [...past.value, done].slice(-MOST_HISTORY)
    future.value = []
    show(applyEdit(base, done))
    scheduleSave()
  }

  function undo(): void {
    const done = past.value[past.value.length - 1]
    if (!done || !look.value) return
    past.value = past.value.slice(0, -1)
    future.value = [...future.value, done].slice(-MOST_HISTORY)
    show(applyEdit(look.value, inverseOf(done)))
    scheduleSave()
  }

  function redo(): void {
    const undone = future.value[future.value.length - 1]
    if (!undone || !look.value) return
    future.value = future.value.slice(0, -1)
    past.value = [...past.value, undone].slice(-MOST_HISTORY)
    show(applyEdit(look.value, undone))
    scheduleSave()
  }

  function scheduleSave(): void {
    if (!look.value) return
    keepDraft(id.value, { revision: revision.value, look: look.value, past: past.value, future: future.value })
    if (saveState.value === 'conflict') return
    saveState.value = 'unsaved'
    timer ??= setTimeout(() => {
      timer = undefined
      void save()
    }, SAVE_AFTER_MS)
  }

  async function save(): Promise<void> {
    while (saving) await saving
    if (!look.value || saveState.value === 'conflict') return
    saving = saveOnce(look.value).finally(() => (saving = undefined))
    await saving
  }

  async function saveOnce(state: Look): Promise<void> {
    saveState.value = 'saving'
    try {
      const answer = await api.saveLook(id.value, revision.value, state, { past: past.value, future: future.value })
      revision.value = answer.revision
      if (look.value === state) {
        saveState.value = 'saved'
        clearDraft(id.value)
      } else scheduleSave()
    } catch (error) {
      failed(error)
    }
  }

  function failed(error: unknown): void {
    const refused = error instanceof ApiProblem ? error : new ApiProblem('internal', String(error), [])
    if (refused.code === 'revision-conflict') {
      saveState.value = 'conflict'
      return
    }
    saveState.value = 'offline'
    problem.value = [refused.message, ...refused.faults.map((fault) => `${fault.place} ${fault.message}`)].join(' ')
    timer ??= setTimeout(() => {
      timer = undefined
      void save()
    }, 3000)
  }

  /** After a conflict: this version becomes a look of its own, and is the one that stays open. */
  async function keepBoth(name: string): Promise<string> {
    const answer = await api.copyLook(id.value, look.value!, name)
    clearDraft(id.value)
    take(answer)
    return answer.id
  }

  /** After a conflict: lets this version go and shows the newer one. */
  async function loadNewer(): Promise<void> {
    clearDraft(id.value)
    take(await api.look(id.value))
  }

  const chosen = computed(() =>
    (selected.value === null ? [] : [selected.value, ...also.value]).filter((one) => look.value?.centerpiece.some((placed) => placed.id === one))
  )
  const shown = computed(() => findings.value.find((finding) => findingKey(finding) === openFinding.value))
  return {
    id,
    occasionId,
    revision,
    look,
    past,
    future,
    figures,
    resting,
    restingFindings,
    findings,
    remedies,
    selected,
    also,
    chosen,
    choose,
    mirror,
    held,
    showHeld,
    letGo,
    openFinding,
    shown,
    saveState,
    problem,
    open,
    show,
    edit,
    apply,
    commit,
    undo,
    redo,
    save,
    keepBoth,
    loadNewer,
    findRemedies,
    findSavings,
    findSeating,
    heights,
    tookMs,
    showHeights
  }
})
