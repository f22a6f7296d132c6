import { metals } from '../reference/materials.js'
import { findPiece, pieceIndex } from '../design/find.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { lightnessOf } from '../color/colorWords.js'
import { folds } from '../reference/folds.js'
import { chargersOf } from '../placing/chargers.js'
import { isSmallChild, isUnsafe, kindKeys, settingFor, settingOf, type KindKey } from './settingKinds.js'

type Parts = Pick<Look, 'setting' | 'kinds' | 'pieces' | 'guests' | 'menu' | 'school'>

/** Neighbors in a stack read as two from this difference of CIE L*: common practice, no source. */
export const SEPARATE_DL = 15

/** How a stack reads: lightness of each layer, bottom up, and the steps between neighbors. */
export interface StackReading {
  readonly layers: readonly { readonly pieceId: string; readonly lightness: number }[]
  readonly steps: readonly number[]
}

/** Plates from the bottom and, when it lies on them, the napkin. */
export function stackReading(look: Pick<Look, 'pieces'>, setting: Look['setting']): StackReading {
  const index = pieceIndex(look)
  const ids = [...setting.plateIds, ...(setting.napkin?.place === 'on-plate' ? [setting.napkin.pieceId] : [])]
  const layers = ids.flatMap((pieceId) => (index.has(pieceId) ? [{ pieceId, lightness: lightnessOf(index.get(pieceId)!.color) }] : []))
  return { layers, steps: layers.slice(1).map((layer, i) => Math.abs(layer.lightness - layers[i]!.lightness)) }
}

/** A star that does not stand out, a napkin too small for its fold, knives and wine glasses before small children. */
export function stackFindings(look: Parts): BareFinding[] {
  return kindKeys(look).flatMap((key) => {
    const setting = settingOf(look, key)
    return [
      ...starFindings(look, setting),
      ...clashFindings(look, key),
      ...sizeFindings(look, key),
      ...foldFindings(look, setting),
      ...(key === 'A' ? [...childFindings(look), ...chargerFindings(look), ...metalFindings(look)] : [])
    ]
  })
}

function starFindings(look: Parts, setting: Look['setting']): BareFinding[] {
  if (setting.starId === null) return []
  const { layers, steps } = stackReading(look, setting)
  const at = layers.findIndex((layer) => layer.pieceId === setting.starId)
  if (at < 0) return []
  const least = Math.min(...[steps[at - 1], steps[at]].filter((step) => step !== undefined))
  if (least >= SEPARATE_DL) return []
  return [
    {
      code: 'stack.blends',
      severity: 'note',
      at: { kind: 'line', pieceId: setting.starId },
      measured: { lightness: least },
      limit: { lightness: SEPARATE_DL },
      because: 'star'
    }
  ]
}

/** Layers from the bottom up that lie on one another, both with a pattern: a patterned napkin wants a plain plate and the reverse. Common practice, no source. */
function clashFindings(look: Parts, key: KindKey): BareFinding[] {
  const index = pieceIndex(look)
  const { layers } = stackReading(look, settingFor(look, key, false))
  const patterned = layers.map((layer) => (index.get(layer.pieceId)?.pattern ?? '') !== '')
  return layers.flatMap((layer, i): BareFinding[] =>
    i > 0 && patterned[i] && patterned[i - 1]
      ? [
          {
            code: 'pattern.clash',
            severity: 'note',
            at: { kind: 'line', pieceId: layer.pieceId },
            measured: { pieces: 2 },
            limit: { pieces: 1 },
            because: 'one-star'
          }
        ]
      : []
  )
}

/** A charger shows round the plate on it by this much at the least: common practice, no source. */
const CHARGER_SHOWS_MM = 10

/** Each plate against the one it stands on: a charger that the plate hides, a plate or bowl that overhangs what is below it. */
function sizeFindings(look: Parts, key: KindKey): BareFinding[] {
  const index = pieceIndex(look)
  const plates = settingFor(look, key, false).plateIds.flatMap((id) => findPiece(index, id, 'plate') ?? [])
  return plates.flatMap((plate, i): BareFinding[] => {
    const below = plates[i - 1]
    if (!below) return []
    const charger = below.role === 'charger'
    const widthMm = below.diameterMm - (charger ? CHARGER_SHOWS_MM : 0)
    if (plate.diameterMm <= widthMm + 0.5) return []
    return [
      {
        code: 'stack.sizes',
        severity: plate.diameterMm > below.diameterMm + 0.5 ? 'warn' : 'note',
        at: { kind: 'line', pieceId: plate.id },
        measured: { widthMm: plate.diameterMm },
        limit: { widthMm },
        because: charger ? 'charger-hidden' : plate.role === 'bowl' ? 'bowl-overhangs' : 'overhangs'
      }
    ]
  })
}

/** Flatware of one metal beside another at the same place. */
function metalFindings(look: Parts): BareFinding[] {
  const index = pieceIndex(look)
  const { flatwareIds, substitutes } = look.setting
  const laid = [...flatwareIds, ...substitutes.map((one) => one.pieceId)].flatMap((id) => findPiece(index, id, 'flatware')?.material ?? [])
  const mixed = new Set(laid.filter((material) => metals.has(material))).size
  if (mixed < 2 || look.school.meant.includes('flatware.metals')) return []
  return [{ code: 'flatware.metals', severity: 'note', at: { kind: 'table' }, measured: { metals: mixed }, limit: { metals: 1 }, because: 'one-metal' }]
}

/** A charger marks a place that is served; at a buffet it only holds up the plate that is fetched. Common practice, no source. */
function chargerFindings(look: Parts): BareFinding[] {
  const pieces = chargersOf(pieceIndex(look), settingFor(look, 'A', false)).length
  if (look.menu.service !== 'buffet' || pieces === 0) return []
  return [{ code: 'charger.buffet', severity: 'note', at: { kind: 'table' }, measured: { pieces }, limit: { pieces: 0 }, because: 'buffet-plates' }]
}

function foldFindings(look: Parts, setting: Look['setting']): BareFinding[] {
  const napkin = findPiece(pieceIndex(look), setting.napkin?.pieceId, 'napkin')
  if (!napkin || !setting.napkin) return []
  const { leastMm } = folds[setting.napkin.fold]
  if (napkin.sideMm >= leastMm - 1) return []
  return [
    {
      code: 'napkin.small',
      severity: 'warn',
      at: { kind: 'linen', pieceId: napkin.id },
      measured: { lengthMm: napkin.sideMm },
      limit: { lengthMm: leastMm },
      because: 'fold-size'
    }
  ]
}

function childFindings(look: Parts): BareFinding[] {
  if (look.kinds.childSafe) return []
  const index = pieceIndex(look)
  const numbers = look.guests.flatMap((guest, i) => (isSmallChild(guest) ? [i + 1] : []))
  const pieces = [...look.setting.glassIds, ...look.setting.flatwareIds].filter((id) => isUnsafe(index.get(id))).length
  if (numbers.length === 0 || pieces === 0) return []
  return [{ code: 'child.setting', severity: 'warn', at: { kind: 'seats', numbers }, measured: { pieces }, limit: { pieces: 0 }, because: 'small-child' }]
}
