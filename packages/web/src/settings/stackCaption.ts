import { stackReading, type Look, type PlaceSetting } from '@hestiad/core'

/** The words under a stack drawn apart: they tell of the star where one of its layers has it. */
export function stackCaption(look: Look, setting: PlaceSetting): 'sheet.apart' | 'sheet.apartStar' {
  return stackReading(look, setting).layers.some((layer) => layer.pieceId === setting.starId) ? 'sheet.apartStar' : 'sheet.apart'
}
