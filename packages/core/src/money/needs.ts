import { findPiece, pieceIndex, type PieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import type { Piece } from '../design/piece.js'
import { SPARE_CANDLE_PER } from '../reference/candles.js'
import { settingItems, type SettingLayout } from '../settings/settingItems.js'

/** Why a need is what it is: so many per guest, or so many in the look. */
export interface Need {
  readonly piece: Piece
  readonly group: 'linens' | 'settings' | 'centerpiece' | 'florals' | 'light'
  readonly perGuest: number
  readonly perLook: number
  readonly spares: number
  readonly needed: number
  readonly owned: number
  readonly short: number
}

/** Everything a look uses, one line a piece, against what the household owns. */
export function needs(look: Look, layout: SettingLayout = settingItems(look)): Need[] {
  const index = pieceIndex(look)
  const lines = new Map<string, { perGuest: number; perLook: number; group: Need['group'] }>()
  const add = (id: string | null | undefined, group: Need['group'], perGuest: number, perLook: number) => {
    if (!id || !index.has(id)) return
    const line = lines.get(id) ?? { perGuest: 0, perLook: 0, group }
    lines.set(id, { group: line.group, perGuest: line.perGuest + perGuest, perLook: line.perLook + perLook })
  }
  add(look.linens.clothId, 'linens', 0, 1)
  add(look.linens.runner?.pieceId, 'linens', 0, 1)
  add(look.linens.matId, 'linens', 1, 0)
  for (const id of look.setting.plateIds) add(id, 'settings', 1, 0)
  add(look.setting.breadPlateId, 'settings', 1, 0)
  add(look.setting.napkin?.pieceId, 'settings', 1, 0)
  for (const id of look.setting.glassIds) add(id, 'settings', 1, 0)
  const { left, right, above, broughtIn } = layout.order
  for (const role of [...left, ...right, ...above, ...broughtIn]) {
    add(
      look.setting.flatwareIds.find((id) => findPiece(index, id, 'flatware')?.role === role),
      'settings',
      1,
      0
    )
  }
  for (const placed of look.centerpiece) {
    add(placed.pieceId, index.get(placed.pieceId)?.kind === 'holder' ? 'light' : 'centerpiece', 0, 1)
    add(placed.candle?.candleId, 'light', 0, 1)
    for (const { stemId, count } of placed.arrangement?.stems ?? []) add(stemId, 'florals', 0, count)
  }
  return [...lines].map(([id, line]) => finish(index, id, line, look))
}

function finish(index: PieceIndex, id: string, line: { perGuest: number; perLook: number; group: Need['group'] }, look: Look): Need {
  const piece = index.get(id)!
  const used = line.perGuest * look.guests.length + line.perLook
  const spares = sparesOf(piece, used, look)
  const needed = used + spares
  return { piece, ...line, spares, needed, owned: piece.owned, short: Math.max(0, needed - piece.owned) }
}

/** Candles: one in ten. Stems: the look's own share. Nothing else has spares by itself. */
function sparesOf(piece: Piece, used: number, look: Look): number {
  if (used === 0) return 0
  if (piece.kind === 'candle') return Math.ceil(used / SPARE_CANDLE_PER)
  if (piece.kind === 'stem') return Math.ceil((used * look.school.spareStemsPercent) / 100)
  return 0
}
