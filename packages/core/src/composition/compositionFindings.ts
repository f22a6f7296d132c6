import type { BareFinding, Numbers } from '../design/finding.js'
import type { Look } from '../design/look.js'
import {
  ACCENT_PLACES,
  BALANCE_MOST,
  FINISHES_WANTED,
  FULLNESS_SHARE,
  LEVELS_WANTED,
  OPEN_MIDDLE_MM,
  TEXTURES_WANTED,
  WIDTH_SHARE_MOST
} from '../reference/composition.js'
import type { CompositionFigures } from './compositionFigures.js'

/** Rules of composition the look does not keep, as notes; those it breaks on purpose are left out, and an empty middle is asked nothing. */
export function compositionFindings(look: Pick<Look, 'school' | 'centerpiece'>, figures: CompositionFigures): BareFinding[] {
  if (look.centerpiece.length === 0) return []
  const { school } = look
  const found: BareFinding[] = []
  const say = (code: BareFinding['code'], measured: Numbers, limit: Numbers, because: string, placedId?: string) => {
    if (!school.meant.includes(code))
      found.push({ code, severity: 'note', at: placedId ? { kind: 'piece', placedId } : { kind: 'table' }, measured, limit, because })
  }
  if (figures.levels.length < LEVELS_WANTED) say('compose.levels', { levels: figures.levels.length }, { levels: LEVELS_WANTED }, 'flat')
  if (figures.alike.length > 0) say('compose.neighbors', { pairs: figures.alike.length }, { pairs: 0 }, 'one-height', figures.alike[0]![0])
  const uneven = figures.groups.filter((group) => (group.length % 2 === 1) !== (school.groups === 'odd')).length
  if (uneven > 0) say('compose.groups', { groups: uneven }, { groups: 0 }, school.groups === 'odd' ? 'odd' : 'pairs')
  const off = Math.max(Math.abs(figures.alongShare), Math.abs(figures.acrossShare))
  if (off > BALANCE_MOST[school.symmetry]) say('compose.balance', { share: off }, { share: BALANCE_MOST[school.symmetry] }, 'tips-over')
  const [least, most] = FULLNESS_SHARE[school.fullness]
  if (figures.covered < least) say('compose.sparse', { share: figures.covered }, { share: least }, 'bare-table')
  if (figures.covered > most) say('compose.crowded', { share: figures.covered }, { share: most }, 'no-air')
  if (figures.widest && figures.widest.share > WIDTH_SHARE_MOST)
    say('compose.scale', { share: figures.widest.share }, { share: WIDTH_SHARE_MOST }, 'too-wide', figures.widest.placedId)
  for (const back of figures.backs) say('compose.back', { seats: back.seats.length }, { seats: 0 }, 'bare-back', back.placedId)
  const lone = figures.accents.filter((accent) => accent.placedIds.length < ACCENT_PLACES || accent.oneThird)
  if (lone.length > 0) say('compose.spread', { colors: lone.length, places: lone[0]!.placedIds.length }, { places: ACCENT_PLACES }, 'echo')
  if (figures.finishes.length < FINISHES_WANTED || figures.textures.length < TEXTURES_WANTED)
    say(
      'compose.finish',
      { finishes: figures.finishes.length, textures: figures.textures.length },
      { finishes: FINISHES_WANTED, textures: TEXTURES_WANTED },
      'one-hand'
    )
  const missing = Number(!figures.green) + Number(!figures.lit) + Number(!figures.useful)
  if (missing > 0) say('compose.checklist', { missing }, { missing: 0 }, !figures.green ? 'no-green' : !figures.lit ? 'no-light' : 'no-use')
  if (school.pattern === 'open-middle' && figures.openMm < OPEN_MIDDLE_MM)
    say('compose.middle', { openMm: figures.openMm }, { openMm: OPEN_MIDDLE_MM }, 'talk-across')
  return found
}
