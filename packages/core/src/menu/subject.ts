import { part } from '../subject/part.js'
import { subject } from '../subject/subject.js'
import { buffetRun, sharedItems } from './buffet.js'
import { dietFindings, menuFindings } from './menuFindings.js'
import { buffetProposals, dietProposals, dishProposals, glassProposals } from './menuProposals.js'
import { servedPart, tableDishesPart } from './parts.js'

const serving = part({
  reads: ['guests', 'menu'],
  needs: { served: servedPart, onTable: tableDishesPart },
  work: (look, needed) => ({ servings: needed.served, onTable: needed.onTable, buffet: buffetRun(needed.served), shared: sharedItems(look) })
})

/** Worked out apart: nothing that stands on the table changes it. */
const diets = part({ reads: ['menu', 'guests'], needs: {}, work: dietFindings })

/** What is eaten and drunk: vessels, tools, glasses, diets, and where it all stands. */
export const menuSubject = subject({
  name: 'menu',
  figures: { serving },
  findings: part({
    reads: ['menu', 'guests', 'setting', 'kinds', 'pieces'],
    needs: { served: servedPart, onTable: tableDishesPart, diets },
    work: (look, needed) => menuFindings(look, needed.served, needed.onTable, needed.diets)
  }),
  proposals: {
    'glass.missing': glassProposals,
    'dish.vessel': dishProposals,
    'dish.liner': dishProposals,
    'dish.room': dishProposals,
    'dish.tool': dishProposals,
    'dish.heat': dishProposals,
    'diet.none': dietProposals,
    'buffet.long': buffetProposals
  }
})
