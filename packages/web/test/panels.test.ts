import { findingKey, type Look } from '@hestiad/core'
import { afterEach, beforeAll, beforeEach, expect, it, vi } from 'vitest'
import type { Component } from 'vue'
import { generateLook } from '../../core/test/support/generateLook.js'
import Board from '../src/board/Board.vue'
import FindingList from '../src/findings/FindingList.vue'
import { describeFinding, stepOf } from '../src/findings/findingWords.js'
import FloralsStage from '../src/florals/FloralsStage.vue'
import LightStage from '../src/light/LightStage.vue'
import SettingsStage from '../src/settings/SettingsStage.vue'
import LedgerLine from '../src/shell/LedgerLine.vue'
import LookHeader from '../src/shell/LookHeader.vue'
import StepRail from '../src/shell/StepRail.vue'
import { steps, type Step } from '../src/shell/steps.js'
import { words } from '../src/shell/words.js'
import { usePreferences } from '../src/stores/preferences.js'
import { demo } from './support/assessorHere.js'
import { drawHere, namelessIn, saidIn, type Drawn } from './support/drawHere.js'
import { freshPage, openLook } from './support/openLook.js'
import { faultsOf } from './support/wordFaults.js'

vi.mock('../src/workers/assessor.js', async () => (await import('./support/assessorHere.js')).assessorHere)

const loading: Record<Step, () => Promise<{ default: Component }>> = {
  brief: () => import('../src/brief/BriefPanel.vue'),
  seats: () => import('../src/seats/SeatsPanel.vue'),
  menu: () => import('../src/menu/MenuPanel.vue'),
  linens: () => import('../src/linens/LinensPanel.vue'),
  settings: () => import('../src/settings/SettingsPanel.vue'),
  centerpiece: () => import('../src/centerpiece/CenterpiecePanel.vue'),
  florals: () => import('../src/florals/FloralsPanel.vue'),
  light: () => import('../src/light/LightPanel.vue'),
  colors: () => import('../src/colors/ColorsPanel.vue'),
  looks: () => import('../src/looks/LooksPanel.vue'),
  buy: () => import('../src/buying/BuyPanel.vue')
}
const panels = new Map<Step, Component>()
const round = { Board, FloralsStage, LedgerLine, LightStage, LookHeader, SettingsStage, StepRail }

beforeAll(async () => {
  for (const step of steps) panels.set(step, (await loading[step]()).default)
})
beforeEach(() => {
  freshPage()
  vi.stubGlobal('document', { documentElement: { dataset: {} } })
  vi.spyOn(console, 'error').mockImplementation(() => undefined)
  vi.spyOn(console, 'warn').mockImplementation(() => undefined)
})
afterEach(() => {
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
})

const looks = [demo, generateLook(1010, { guests: 5, pieces: 7, manner: 'wild' })]

/** A look opened on a page of its own, with its figures. */
async function opened(look: Look, i: number) {
  freshPage()
  usePreferences().unit = i % 2 === 0 ? 'in' : 'cm'
  const store = await openLook(look)
  await vi.waitFor(() => expect(store.figures).toBeDefined())
  return store
}

const wrongIn = ({ html, missing, warnings }: Drawn): string[] => [
  ...missing.map((key) => `no words for ${key}`),
  ...warnings.map((text) => `warned: ${text}`),
  ...saidIn(html).flatMap(faultsOf),
  ...namelessIn(html)
]

it('every panel of every step reads whole and names its controls, whatever the look, in inches and in centimeters', async () => {
  const wrong: string[] = []
  for (const [i, look] of looks.entries()) {
    const store = await opened(look, i)
    for (const step of steps) wrong.push(...wrongIn(await drawHere(panels.get(step)!, { look: store.look })).map((fault) => `${step} of ${i}: ${fault}`))
  }
  expect([...new Set(wrong)]).toEqual([])
})

it('so does what stands round the panels: stage, header, rail, ledger line, and findings opened one by one with their remedies', async () => {
  const wrong: string[] = []
  for (const [i, look] of looks.entries()) {
    const store = await opened(look, i)
    const props = { look: store.look, id: 'pearl-anniversary', step: 'settings', figures: store.figures }
    for (const [name, part] of Object.entries(round)) wrong.push(...wrongIn(await drawHere(part, props)).map((fault) => `${name} of ${i}: ${fault}`))
    for (const finding of store.findings.slice(0, 4)) {
      store.openFinding = findingKey(finding)
      await store.findRemedies()
      const drawn = await drawHere(FindingList, { step: stepOf(finding.code) })
      const said = saidIn(drawn.html)
      wrong.push(...wrongIn(drawn).map((fault) => `finding ${finding.code} of ${i}: ${fault}`))
      const { title } = describeFinding(finding, { t: words.global.t as never, look: store.look!, ...usePreferences().measures })
      expect(said, finding.code).toContain(title)
    }
  }
  expect([...new Set(wrong)]).toEqual([])
})
