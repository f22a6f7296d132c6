import { findingKey, type BareFinding, type Edit, type Figures, type HeightMap, type Look, type Remedy } from '@hestiad/core'
import { ref, shallowRef, type Ref } from 'vue'
import type { Assessor } from '../workers/assessor.js'
import { afterFrame } from './afterFrame.js'

/** While something is dragged, figures are told no more often than this, so that the hand is never held up. */
const CALM_MS = 90
/** After so long without a change remedies are looked for that nobody asked for yet. */
const AHEAD_MS = 1500

/** What the engine says of the open look, asked of the worker whenever it changes; while something is dragged, of what is held. */
export function useMeasuring(assessor: Assessor, look: Ref<Look | undefined>, held: Ref<Edit | undefined>, openFinding: () => string | null) {
  const figures = shallowRef<Figures>()
  const findings = shallowRef<readonly BareFinding[]>([])
  /** The figures and findings of the look before a drag: panels rest while it goes on, the Board, the rail and the ledger do not. */
  const resting = shallowRef<Figures>()
  const restingFindings = shallowRef<readonly BareFinding[]>([])
  const remedies = shallowRef<ReadonlyMap<string, readonly Remedy[]>>(new Map())
  const heights = shallowRef<HeightMap>()
  /** What the last measuring took in the worker. */
  const tookMs = ref(0)
  let measuring = false
  let again = false
  let toldAt = 0
  let remedyRun = 0
  let remedied: { readonly state?: Look; readonly found?: readonly BareFinding[] } = {}

  async function measure(): Promise<void> {
    if (measuring) {
      again = true
      return
    }
    measuring = true
    try {
      do {
        again = false
        await calm()
        if (!look.value) break
        await measureOnce(look.value, held.value)
      } while (again)
    } finally {
      measuring = false
    }
    if (!held.value) void findRemedies()
  }

  async function measureOnce(state: Look, edit: Edit | undefined): Promise<void> {
    const answer = await assessor.measure(edit)
    if (edit) await afterFrame()
    figures.value = answer.figures
    if (edit) await afterFrame()
    findings.value = answer.findings
    tookMs.value = answer.tookMs
    if (!held.value && !edit) {
      resting.value = answer.figures
      restingFindings.value = answer.findings
    }
    if (heights.value && look.value === state) await showHeights(true)
  }

  /** While something is dragged figures come at most so often, so that the page follows the pointer. */
  async function calm(): Promise<void> {
    const wait = held.value ? CALM_MS - (performance.now() - toldAt) : 0
    if (wait > 0) await new Promise((resolve) => setTimeout(resolve, wait))
    toldAt = performance.now()
  }

  /**
   * Looks for remedies: of the open finding at once, and when nothing was done for a while of the others too, which may be opened next. What is
   * known of these findings stays, and the newest search alone goes on.
   */
  async function findRemedies(): Promise<void> {
    const state = look.value
    const found = findings.value
    if (!state || held.value) return
    const run = ++remedyRun
    const goesOn = () => run === remedyRun && look.value === state && findings.value === found && !held.value
    let known = remedied.state === state && remedied.found === found ? remedies.value : new Map<string, readonly Remedy[]>()
    const open = openFinding()
    // those of another state of the look are not to be done on this one; what is read stays until what takes its place is there
    remedies.value = new Map([...remedies.value].filter(([key]) => key === open || known.has(key)))
    const find = async (finding: BareFinding) => {
      const key = findingKey(finding)
      if (known.has(key)) return
      const proposed = await assessor.remedies(finding)
      if (!goesOn()) return
      known = new Map(known).set(key, proposed)
      remedies.value = known
      remedied = { state, found }
    }
    for (const finding of found) if (findingKey(finding) === open) await find(finding)
    setTimeout(async () => {
      for (const finding of found) if (goesOn()) await find(finding)
    }, AHEAD_MS)
  }

  /** Shows on the Board how tall things may be where, or no longer. */
  async function showHeights(on: boolean): Promise<void> {
    heights.value = on && look.value ? await assessor.heights() : undefined
  }

  function forget(): void {
    figures.value = undefined
    resting.value = undefined
  }
  return { figures, findings, resting, restingFindings, remedies, heights, tookMs, measure, findRemedies, showHeights, forget }
}
