import { standingPart } from '../centerpiece/parts.js'
import { planPart } from '../seating/parts.js'
import { laidPart, layoutPart } from '../settings/parts.js'
import { part } from '../subject/part.js'
import { subject } from '../subject/subject.js'
import { coverFindings, coverSpots } from './coverFindings.js'
import { hemsToTuck } from './hemsToTuck.js'
import { linenFigures, linenFindings } from './linenFindings.js'
import { clothProposals, flawProposals, joinSeamProposals, matProposals, runnerProposals, topperProposals } from './linenProposals.js'

const laidLinens = part({ reads: ['linens', 'pieces', 'table'], needs: { plan: planPart }, work: (look, { plan }) => linenFigures(look, plan) })

/** Spots of the linens that something must cover. */
const spots = part({
  reads: ['linens', 'pieces', 'table'],
  needs: { plan: planPart, laid: laidPart, standing: standingPart },
  work: (look, { plan, laid, standing }) => coverSpots(look, plan, laid, standing)
})

/** Places under whose plates a hem is tucked. */
const hems = part({
  reads: [],
  needs: { plan: planPart, laid: laidPart, laidLinens },
  work: (_, { plan, laid, laidLinens: linens }) => hemsToTuck(linens.runner, plan.outline, laid)
})

/** How cloth, topper, runner and mats hang and lie. */
export const linensSubject = subject({
  name: 'linens',
  figures: {
    linens: part({ reads: [], needs: { laidLinens, spots, hems }, work: (_, needed) => ({ ...needed.laidLinens, spots: needed.spots, hems: needed.hems }) })
  },
  findings: part({
    reads: ['linens', 'school', 'table'],
    needs: { plan: planPart, layout: layoutPart, laidLinens, spots },
    work: (look, needed) => [...linenFindings(look, needed.plan, needed.layout.layout, needed.laidLinens), ...coverFindings(needed.spots)]
  }),
  proposals: {
    'cloth.short': clothProposals,
    'cloth.long': clothProposals,
    'cloth.lap': clothProposals,
    'cloth.floor': clothProposals,
    'cloth.uneven': clothProposals,
    'runner.places': runnerProposals,
    'runner.overhang': runnerProposals,
    'mats.gap': matProposals,
    'topper.long': topperProposals,
    'linen.flaw': (look, finding, get) => flawProposals(look, finding, { plan: get(planPart), laid: get(laidPart), standing: get(standingPart) }),
    'cloth.seam': joinSeamProposals
  }
})
