import { middleUsePart } from '../centerpiece/parts.js'
import { part } from '../subject/part.js'
import { subject } from '../subject/subject.js'
import { floralFigures, floralFindings } from './floralFindings.js'
import { laidPlantFindings, laidPlantProposals } from './laidPlants.js'
import { mouthProposals, petProposals, shortStemProposals, sparseProposals } from './floralProposals.js'

const florals = part({
  reads: ['pieces', 'school'],
  needs: { centerpiece: middleUsePart },
  work: (look, { centerpiece }) => floralFigures({ ...look, centerpiece })
})

/** What each arrangement needs, and what of it animals should not reach. */
export const floralsSubject = subject({
  name: 'florals',
  figures: { florals },
  findings: part({
    reads: ['pieces', 'household', 'setting', 'kinds', 'room'],
    needs: { centerpiece: middleUsePart, florals },
    work: (look, { centerpiece, florals: figures }) => [...floralFindings({ ...look, centerpiece }, figures), ...laidPlantFindings(look)]
  }),
  proposals: {
    'stems.mouth': mouthProposals,
    'stems.sparse': sparseProposals,
    'stems.short': shortStemProposals,
    'stems.pets': petProposals,
    'stems.pets-unknown': petProposals,
    'plants.pets': laidPlantProposals
  }
})
