import { pieceIndex } from '../design/find.js'
import type { ForCourses, Guest, Look, PlaceSetting } from '../design/look.js'
import type { Piece } from '../design/piece.js'
import type { Place } from '../seating/places.js'
import { withoutChargers } from '../placing/chargers.js'
import { settingItems, type SettingLayout } from '../placing/settingItems.js'

export type KindKey = 'A' | 'B' | 'C'

/** The setting before one guest: its kind, laid out, and whether in mirror image. */
export interface PlaceLayout {
  readonly key: KindKey
  readonly layout: SettingLayout
  readonly mirrored: boolean
}

type Parts = Pick<Look, 'setting' | 'kinds' | 'menu' | 'pieces' | 'guests'> & ForCourses

/** Keys of the kinds a look has, A first. */
export function kindKeys(look: Pick<Look, 'kinds'>): KindKey[] {
  return ['A', ...look.kinds.others.map((other) => other.key)]
}

/** A look's setting of one kind; A where there is no such kind. */
export function settingOf(look: Pick<Look, 'setting' | 'kinds'>, key: KindKey): PlaceSetting {
  return look.kinds.others.find((other) => other.key === key)?.setting ?? look.setting
}

/** Up to this age a place is laid for a child: our own starting value. */
const SMALL_CHILD_YEARS = 7

export function isSmallChild(guest: Guest | undefined): boolean {
  return guest?.body.kind === 'child' && guest.body.ageYears <= SMALL_CHILD_YEARS
}

/** What is not laid before a small child: knives, and glasses other than for water. */
export function isUnsafe(piece: Piece | undefined): boolean {
  if (piece?.kind === 'flatware') return piece.role.endsWith('knife')
  return piece?.kind === 'glass' && piece.role !== 'water'
}

/** A kind's setting as it is laid: without chargers where the look lays none, for a small child without what is not laid before one. */
export function settingFor(look: Pick<Look, 'setting' | 'kinds' | 'pieces'>, key: KindKey, small: boolean): PlaceSetting {
  const index = pieceIndex(look)
  const asked = settingOf(look, key)
  const setting = look.kinds.charger === 'none' ? withoutChargers(index, asked) : asked
  if (!small) return setting
  const safe = (ids: readonly string[]) => ids.filter((id) => !isUnsafe(index.get(id)))
  return {
    ...setting,
    flatwareIds: safe(setting.flatwareIds),
    glassIds: safe(setting.glassIds),
    substitutes: setting.substitutes.filter((one) => !isUnsafe(index.get(one.pieceId)))
  }
}

/** Which kind each guest has, by the look's spread over the places in their order round the table. */
export function kindsByPlace(look: Pick<Look, 'kinds' | 'guests'>, places: readonly Pick<Place, 'side' | 'y'>[]): KindKey[] {
  const keys = kindKeys(look)
  const [, b = 'A', c] = keys
  const { spread, byGuest } = look.kinds
  return places.map((place, i): KindKey => {
    switch (spread) {
      case 'same':
        return 'A'
      case 'alternating':
        return keys[i % keys.length]!
      case 'every-third':
        return i % 3 === 2 ? b : c && i % 3 === 1 ? c : 'A'
      case 'heads':
        return place.side === 'head' || (places.every((one) => one.side === 'curve') && isTip(i, places.length)) ? b : 'A'
      case 'one-side':
        return place.y > 0 ? b : 'A'
      case 'by-guest': {
        const asked = byGuest.find((one) => one.guestId === look.guests[i]?.id)?.key
        return asked && keys.includes(asked) ? asked : 'A'
      }
    }
  })
}

/** On a curved table the ends are the first place and the one opposite. */
function isTip(i: number, count: number): boolean {
  return i === 0 || (count > 3 && i === Math.round(count / 2))
}

/** The layouts of all places; kinds are laid out once each. */
export function placeLayouts(look: Parts, places: readonly Pick<Place, 'side' | 'y'>[]): PlaceLayout[] {
  const layouts = new Map<string, SettingLayout>()
  const layoutOf = (key: KindKey, small: boolean) => {
    const known = layouts.get(`${key} ${small}`)
    if (known) return known
    const laid = settingItems({ ...look, setting: settingFor(look, key, small) })
    const made = small ? { ...laid, missing: laid.missing.filter((role) => !role.endsWith('knife')) } : laid
    layouts.set(`${key} ${small}`, made)
    return made
  }
  return kindsByPlace(look, places).map((key, i) => ({
    key,
    layout: layoutOf(key, look.kinds.childSafe && isSmallChild(look.guests[i])),
    mirrored: look.kinds.mirrorLeftHanded && (look.guests[i]?.leftHanded ?? false)
  }))
}

/** What all places together ask of the table: the widest, the deepest, everything missing. */
export function widestLayout(layouts: readonly SettingLayout[], otherwise: SettingLayout): SettingLayout {
  if (layouts.length === 0) return otherwise
  const widest = layouts.reduce((a, b) => (b.widthMm > a.widthMm ? b : a))
  return { ...widest, depthMm: Math.max(...layouts.map((one) => one.depthMm)), missing: [...new Set(layouts.flatMap((one) => one.missing))] }
}
