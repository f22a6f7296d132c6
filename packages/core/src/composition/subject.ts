import { standingPart } from '../centerpiece/parts.js'
import { surroundingsPart } from '../centerpiece/surroundings.js'
import type { FindingCode } from '../design/finding.js'
import { planPart } from '../seating/parts.js'
import { laidPart, layoutPart } from '../settings/parts.js'
import { part } from '../subject/part.js'
import { subject, type Propose } from '../subject/subject.js'
import { accentsLaid, compositionFigures } from './compositionFigures.js'
import { compositionFindings } from './compositionFindings.js'
import { freeOf, middleScorePart } from './score.js'
import { compositionProposals } from './compositionProposals.js'
import { coverThese, coverTheseFindings } from './coverThese.js'
import { coverTheseProposals } from './coverTheseProposals.js'

const accents = part({ reads: ['pieces', 'setting', 'kinds', 'linens'], needs: {}, work: accentsLaid })

const rules = part({
  reads: ['table', 'room', 'pieces'],
  needs: { accents, plan: planPart, layout: layoutPart, laid: laidPart, standing: standingPart, score: middleScorePart },
  work: (look, { accents, plan, layout, laid, standing, score }) =>
    compositionFigures(look, accents, standing, plan, layout.layout.depthMm, freeOf(look, plan, laid).field, score)
})

/** What of the middle wants covering. */
const toCover = part({
  reads: ['room', 'pieces'],
  needs: { plan: planPart, standing: standingPart },
  work: (look, { plan, standing }) => coverThese(look, standing, plan)
})

const compose: Propose<Extract<FindingCode, `compose.${string}`>> = (look, finding, get) =>
  compositionProposals(look, finding, { ...get(surroundingsPart), composition: get(rules) })

/** How the middle reads: heights, neighbors, groups, balance, fullness, accents, and what should not show. */
export const compositionSubject = subject({
  name: 'composition',
  figures: { composition: part({ reads: [], needs: { rules, toCover }, work: (_, needed) => ({ ...needed.rules, toCover: needed.toCover }) }) },
  findings: part({
    reads: ['school', 'occasion'],
    needs: { standing: standingPart, rules, toCover },
    work: ({ school, occasion }, needed) => [
      ...compositionFindings({ school, occasion }, needed.standing.length === 0, needed.rules),
      ...coverTheseFindings(school, needed.toCover)
    ]
  }),
  proposals: {
    'compose.levels': compose,
    'compose.neighbors': compose,
    'compose.groups': compose,
    'compose.balance': compose,
    'compose.sparse': compose,
    'compose.crowded': compose,
    'compose.scale': compose,
    'compose.back': compose,
    'compose.spread': compose,
    'compose.finish': compose,
    'compose.green': compose,
    'compose.light': compose,
    'compose.useful': compose,
    'compose.middle': compose,
    'cover.bare': (look, finding, get) => coverTheseProposals(look, finding, get(toCover))
  }
})
