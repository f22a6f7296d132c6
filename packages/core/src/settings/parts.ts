import { pieceIndex } from '../design/find.js'
import { allSettings, settingIds } from '../design/settingIds.js'
import { planPart } from '../seating/parts.js'
import { part, sameList } from '../subject/part.js'
import { laidItems, sameLaid } from './settingCrowding.js'
import { settingItems } from '../placing/settingItems.js'
import { placeLayouts, widestLayout } from './settingKinds.js'

/** The pieces the settings name, in their order. */
export const settingPiecesPart = part({
  reads: ['setting', 'kinds', 'pieces'],
  needs: {},
  work: (look) => {
    const index = pieceIndex(look)
    return [...new Set(allSettings(look).flatMap(settingIds))].flatMap((id) => (index.has(id) ? [index.get(id)!] : []))
  },
  same: sameList
})

/** The settings laid out: what all places together ask of the table, and what lies before each guest. */
export const layoutPart = part({
  reads: ['setting', 'kinds', 'occasion', 'menu'],
  needs: { plan: planPart, pieces: settingPiecesPart },
  work: (look, { plan, pieces }) => {
    const byPlace = placeLayouts({ ...look, pieces, guests: plan.guests }, plan.places)
    const kinds = [...new Set(byPlace.map((one) => one.layout))]
    return {
      byPlace,
      layout: widestLayout(kinds, settingItems({ ...look, pieces })),
      laid: plan.places.map((place, i) => laidItems(place, byPlace[i]!.layout, byPlace[i]!.mirrored))
    }
  }
})

/** What lies before each guest as outlines and heights; the same while other pieces as large lie there. */
export const laidPart = part({ reads: [], needs: { layout: layoutPart }, work: (_, { layout }) => layout.laid, same: sameLaid })
