import { planPart } from '../seating/parts.js'
import { part } from '../subject/part.js'
import { subject } from '../subject/subject.js'
import { layoutPart, settingPiecesPart } from './parts.js'
import { settingFindings } from './settingFindings.js'
import { crowdedProposals, missingFlatwareProposals } from './settingProposals.js'
import { stackFindings } from './stackFindings.js'
import { chargerProposals, childProposals, clashProposals, foldProposals, metalProposals, sizeProposals, starProposals } from './stackProposals.js'

const setting = part({
  reads: [],
  needs: { laid: layoutPart },
  work: (_, { laid: { layout } }) => {
    const { order, missing, leftMm, rightMm, widthMm, depthMm } = layout
    return { order, missing, leftMm, rightMm, widthMm, depthMm }
  }
})

const beside = part({
  reads: [],
  needs: { plan: planPart, laid: layoutPart },
  work: (_, { plan, laid }) => settingFindings(plan, laid.layout, laid.laid)
})

const stacked = part({
  reads: ['setting', 'kinds', 'menu', 'guests', 'school'],
  needs: { pieces: settingPiecesPart },
  work: (look, { pieces }) => stackFindings({ ...look, pieces })
})

/** What lies before each guest: whether it is complete, fits beside its neighbors and reads well. */
export const settingsSubject = subject({
  name: 'settings',
  figures: { setting },
  findings: part({ reads: [], needs: { beside, stacked }, work: (_, needed) => [...needed.beside, ...needed.stacked] }),
  proposals: {
    'setting.crowded': crowdedProposals,
    'flatware.missing': missingFlatwareProposals,
    'stack.blends': starProposals,
    'stack.sizes': sizeProposals,
    'flatware.metals': metalProposals,
    'napkin.small': foldProposals,
    'child.setting': childProposals,
    'charger.buffet': chargerProposals,
    'pattern.clash': clashProposals
  }
})
