import { middleUsePart, standingPart } from '../centerpiece/parts.js'
import { surroundingsPart } from '../centerpiece/surroundings.js'
import { part } from '../subject/part.js'
import { subject, type Propose } from '../subject/subject.js'
import { candleEvenings, lightFindings } from './lightFindings.js'
import { householdProposals, longBurnProposals, misfitProposals, nearFlameProposals, shortCandleProposals } from './lightProposals.js'

const evenings = part({
  reads: ['pieces', 'occasion'],
  needs: { centerpiece: middleUsePart },
  work: (look, { centerpiece }) => candleEvenings({ ...look, centerpiece })
})

const light = part({
  reads: [],
  needs: { evenings },
  work: (_, { evenings: candles }) => {
    const lives = candles.map((candle) => candle.lifeMin)
    return { candles, shortestMin: lives.length > 0 ? Math.min(...lives) : null, flames: candles.filter((candle) => candle.flame).length }
  }
})

const near: Propose<'flame.near' | 'flame.flame'> = (look, finding, get) => nearFlameProposals(look, finding, get(surroundingsPart))

/** Candles over the evening, and what their flames are near. */
export const lightSubject = subject({
  name: 'light',
  figures: { light },
  headline: { shortestLightMin: part({ reads: [], needs: { light }, work: (_, needed) => needed.light.shortestMin ?? -1 }) },
  findings: part({
    reads: ['occasion', 'school', 'household'],
    needs: { centerpiece: middleUsePart, standing: standingPart, evenings },
    work: (look, { centerpiece, standing, evenings: candles }) => lightFindings({ ...look, centerpiece }, standing, candles)
  }),
  proposals: {
    'candle.misfit': misfitProposals,
    'candle.short': shortCandleProposals,
    'candle.long-burn': longBurnProposals,
    'flame.near': near,
    'flame.flame': near,
    'flame.household': householdProposals
  }
})
