import { findingKey, type BareFinding, type Edit, type Figures, type HeightMap, type Look, type Remedy } from '@hestiad/core'
import { ref, shallowRef, type Ref } from 'vue'
import type { Assessor } from '../workers/assessor.js'
import { afterFrame } from './afterFrame.js'

/** While something is dragged, figures are told no more often than this, so that the hand is never held up. */
const CALM_MS = 90

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

  /** Looks for remedies, those of the open finding first; what is known of these findings stays, and the newest search alone goes on. */
  async function findRemedies(): Promise<void> {
    const state = look.value
    const found = findings.value
    if (!state || held.value) return
    const run = ++remedyRun
    let known = remedied.state === state && remedied.found === found ? remedies.value : new Map<string, readonly Remedy[]>()
    const isOpen = (finding: BareFinding) => findingKey(finding) === openFinding()
    for (const finding of [...found.filter(isOpen), ...found.filter((f) => !isOpen(f))]) {
      const key = findingKey(finding)
      if (known.has(key)) continue
      const proposed = await assessor.remedies(finding)
      if (run !== remedyRun || look.value !== state || findings.value !== found || held.value) return
      known = new Map(known).set(key, proposed)
      remedies.value = known
      remedied = { state, found }
    }
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
