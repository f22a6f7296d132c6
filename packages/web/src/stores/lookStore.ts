import { applyEdit, type Edit, type Gaps, type Look, type MakingDo, type Saving, type Seating, type StandingPiece } from '@hestiad/core'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { api } from '../api/calls.js'
import type { LookAnswer } from '../api/client.js'
import { startAssessor } from '../workers/assessor.js'
import { clearDraft, readDraft, setDraftAside } from './draft.js'
import { useMeasuring } from './measuring.js'
import { documentOf, newEntry, now, recovered, redoEntry, undoEntry, withStep, type OpenDocument } from './openDocument.js'
import { useSaving } from './saving.js'
import { useSelection } from './selection.js'

/** The open look: its document and what was done to it, what is chosen and held, what the engine says of it, and whether it is kept. */
export const useLook = defineStore('look', () => {
  const assessor = startAssessor()
  const open = shallowRef<OpenDocument>()
  const look = computed(() => open.value && now(open.value).look)
  const history = computed(() => open.value && now(open.value).history)
  /** What letting go now of what is dragged would do; `look` stays as it was until then. */
  const heldEdit = shallowRef<Edit>()
  const held = computed(() => look.value && heldEdit.value && applyEdit(look.value, heldEdit.value))
  /** Whether what is held is a change pointed at, which the stage draws as if it were made. */
  const trying = shallowRef(false)
  /** What the stage draws. */
  const drawn = computed(() => (trying.value && held.value) || look.value)
  const { measure, forget, ...measured } = useMeasuring(assessor, look, heldEdit, () => selected.openFinding.value)
  const { chooseNothing, ...selected } = useSelection(look, measured.findings)
  const saving = useSaving(open, showWhole)

  /** Loads a look; what a crash kept from being saved is put back on top of it. */
  async function load(lookId: string): Promise<void> {
    if (open.value?.id === lookId) return
    await saving.save()
    open.value = undefined
    forget()
    const answer = await api.getLook(lookId)
    take(answer)
    await recover(answer)
  }

  function take(answer: LookAnswer): void {
    open.value = documentOf(answer)
    heldEdit.value = undefined
    trying.value = false
    chooseNothing()
    showWhole()
    saving.begin('saved')
  }

  async function recover(answer: LookAnswer): Promise<void> {
    const draft = readDraft(answer.id)
    if (!draft) return
    const since =
      draft.base === answer.revision
        ? []
        : await api.editsSince(answer.id, String(draft.base)).then(
            ({ edits }) => edits,
            () => undefined
          )
    if (open.value?.id !== answer.id) return
    try {
      // without what came in between it cannot be told what would be overwritten: both are shown to choose from
      const { meets, ...document } = recovered(answer, draft.edits, since ?? [], since ? draft.base : answer.revision)
      open.value = document
      showWhole()
      saving.begin(meets || (!since && document.pending.length > 0) ? 'conflict' : 'saved')
      if (document.pending.length === 0) clearDraft(answer.id)
    } catch {
      setDraftAside(answer.id)
    }
  }

  /** A state of the look that did not come of an edit here. */
  function showWhole(): void {
    if (!look.value) return
    assessor.open(look.value)
    void measure()
  }

  /** Shows and measures what letting go of what is dragged would do. */
  function hold(edit: Edit): void {
    heldEdit.value = edit
    void measure()
  }

  /** Draws and measures a change one points at, without making it. */
  function tryOut(edit: Edit): void {
    trying.value = true
    hold(edit)
  }

  /** Back to where a drag or a trial began. */
  function letGo(): void {
    heldEdit.value = undefined
    trying.value = false
    void measure()
  }

  /** Makes an edit of the core on the open look and applies it. */
  function run<Args extends readonly unknown[]>(edit: (look: Look, ...args: Args) => Edit, ...args: Args): void {
    if (look.value) apply(edit(look.value, ...args))
  }

  /** Applies an edit made on the look as it is; what is held is let go of. */
  function apply(done: Edit): void {
    heldEdit.value = undefined
    trying.value = false
    if (open.value && done.patches.length > 0) step(newEntry(done), done)
    else void measure()
  }

  function step(entry: ReturnType<typeof newEntry> | undefined, edit: Edit | undefined = entry): void {
    if (!open.value || !entry || !edit) return
    assessor.edit(edit)
    open.value = withStep(open.value, entry, edit)
    void measure()
    saving.changed()
  }

  const undo = () => step(open.value && undoEntry(now(open.value)))
  const redo = () => step(open.value && redoEntry(now(open.value)))

  /** After a conflict: this version becomes a look of its own, and is the one that stays open. */
  async function keepBoth(name: string): Promise<string> {
    const answer = await api.copyLook(open.value!.id, { look: look.value!, name })
    clearDraft(open.value!.id)
    take(answer)
    return answer.id
  }

  /** After a conflict: lets this version go and shows the newer one. */
  async function loadNewer(): Promise<void> {
    const { id } = open.value!
    clearDraft(id)
    take(await api.getLook(id))
  }

  return {
    id: computed(() => open.value?.id ?? ''),
    occasionId: computed(() => open.value?.occasionId ?? ''),
    look,
    past: computed(() => history.value?.past ?? []),
    future: computed(() => history.value?.future ?? []),
    held,
    drawn,
    ...measured,
    ...selected,
    saveState: saving.saveState,
    problem: saving.problem,
    save: saving.save,
    open: load,
    hold,
    tryOut,
    letGo,
    run,
    apply,
    undo,
    redo,
    keepBoth,
    loadNewer,
    /** Where a new piece finds room, by the worker. */
    findSpot: (piece: StandingPiece) => assessor.spot(piece),
    /** What would save most, by the worker. */
    findSavings: (): Promise<readonly Saving[]> => assessor.savings(),
    /** What fills the gaps of the middle, by the worker. */
    findGaps: (): Promise<Gaps> => assessor.gaps(),
    findMakingDo: (): Promise<readonly MakingDo[]> => assessor.makingDo(),
    /** The best seating of the guests, by the worker. */
    findSeating: (): Promise<Seating> => assessor.seat()
  }
})
