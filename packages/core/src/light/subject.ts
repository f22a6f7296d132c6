import { middleUsePart, standingPart } from '../centerpiece/parts.js'
import { surroundingsPart } from '../centerpiece/surroundings.js'
import { tableDishesPart } from '../menu/parts.js'
import { planPart } from '../seating/parts.js'
import { layoutPart } from '../settings/parts.js'
import { part } from '../subject/part.js'
import { subject, type Propose } from '../subject/subject.js'
import { candleEvenings, candleFindings } from './candleFindings.js'
import { longBurnProposals, misfitProposals, shortCandleProposals } from './candleProposals.js'
import { flameFindings } from './flameFindings.js'
import { guidanceProposals, householdProposals, lampFlameProposals, nearFlameProposals } from './flameProposals.js'
import { holderMetalFindings, holderMetalProposals } from './holderMetals.js'
import { laidTinder } from './laidTinder.js'

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

const tinder = part({
  reads: ['setting', 'kinds'],
  needs: { plan: planPart, laid: layoutPart },
  work: (look, { plan, laid }) => laidTinder(look, plan.places, laid.byPlace)
})

/** Everything flames are judged against but what stands in the middle; the same while neither places nor dishes move. */
const round = part({
  reads: [],
  needs: { plan: planPart, tinder, dishes: tableDishesPart },
  work: (_, { plan, tinder: laid, dishes }) => ({ places: plan.places, tinder: laid, dishes: dishes.flatMap(({ at }) => (at ? [at] : [])) })
})

const near: Propose<'flame.near' | 'flame.flame' | 'flame.setting' | 'flame.sleeves'> = (look, finding, get) =>
  nearFlameProposals(look, finding, get(surroundingsPart), get(round))

/** Candles over the evening, and what their flames are near. */
export const lightSubject = subject({
  name: 'light',
  figures: { light },
  headline: { shortestLightMin: part({ reads: [], needs: { light }, work: (_, needed) => needed.light.shortestMin ?? -1 }) },
  findings: part({
    reads: ['occasion', 'school', 'household', 'pieces', 'room', 'table'],
    needs: { centerpiece: middleUsePart, standing: standingPart, evenings, round },
    work: (look, { centerpiece, standing, evenings: candles, round: around }) => [
      ...candleFindings({ centerpiece }, standing, candles),
      ...holderMetalFindings({ school: look.school, pieces: look.pieces, centerpiece }),
      ...flameFindings(look, { standing, ...around })
    ]
  }),
  proposals: {
    'candle.misfit': misfitProposals,
    'candle.short': shortCandleProposals,
    'candle.long-burn': longBurnProposals,
    'holders.metals': holderMetalProposals,
    'flame.near': near,
    'flame.flame': near,
    'flame.setting': near,
    'flame.sleeves': near,
    'flame.lamp': lampFlameProposals,
    'flame.guidance': guidanceProposals,
    'flame.household': householdProposals
  }
})
