import { nothingLabeled, plainOfKind, type PieceKind } from '../design/piece.js'
import { inches } from '../units/length.js'
import { own } from '../units/own.js'

type Sizes = Readonly<Record<string, unknown>>

/** Usual sizes by kind, for pieces nobody measured yet: common practice, no source. Always shown as assumed. */
const byKind: Readonly<Record<PieceKind, Sizes>> = {
  plate: { role: 'dinner', diameterMm: inches(10.5), heightMm: 25 },
  glass: { role: 'water', footMm: 72, bowlMm: 85, heightMm: 180 },
  flatware: { role: 'dinner-fork', lengthMm: 200, widthMm: 26 },
  napkin: { sideMm: inches(18) },
  cloth: { extent: { kind: 'rectangle', lengthMm: inches(108), widthMm: inches(60) } },
  runner: { lengthMm: inches(72), widthMm: inches(14) },
  mat: { extent: { kind: 'rectangle', lengthMm: inches(18), widthMm: inches(13) } },
  vessel: { form: 'jug', baseMm: 90, widestMm: 130, mouthMm: 90, heightMm: 200, depthMm: 185 },
  stem: { role: 'filler', form: 'open', genus: '', thicknessMm: 5, headMm: 50, lengthMm: 450 },
  candle: { form: 'taper', diameterMm: 22, heightMm: 200, burn: { kind: 'wax', wax: 'paraffin', gramsPerHour: 7 } },
  holder: { takes: 'taper', cupMm: 23, baseMm: 90, heightMm: 60, chimney: null },
  riser: { extent: { kind: 'round', diameterMm: 250 }, heightMm: 90 },
  tray: { form: 'tray', extent: { kind: 'rectangle', lengthMm: 400, widthMm: 260 }, floorMm: 8, rimMm: 20, wallMm: 8, handles: false },
  ornament: { form: 'figure', extent: { kind: 'round', diameterMm: 120 }, heightMm: 120 },
  tool: { tool: 'spoon', lengthMm: 260 },
  supply: { use: 'other', lowMark: 1 }
}

const byRole: Readonly<Record<string, Sizes>> = {
  'tray board': { floorMm: 18, rimMm: 18, wallMm: 0 },
  'tray mirror': { floorMm: 6, rimMm: 6, wallMm: 0 },
  'tray turntable': { extent: { kind: 'round', diameterMm: 400 }, floorMm: 30, rimMm: 30, wallMm: 0 },
  'tray dough-bowl': { extent: { kind: 'oval', lengthMm: 600, widthMm: 250 }, floorMm: 15, rimMm: 90, wallMm: 18 },
  'tray box': { extent: { kind: 'rectangle', lengthMm: 500, widthMm: 160 }, floorMm: 10, rimMm: 120, wallMm: 10 },
  'tray basket': { extent: { kind: 'round', diameterMm: 300 }, floorMm: 8, rimMm: 140, wallMm: 12 },
  'tray tiers': { extent: { kind: 'round', diameterMm: 260 }, floorMm: 20, rimMm: 25, wallMm: 4, handles: true, upper: [{ heightMm: 200, diameterMm: 190 }] },
  'vessel trough': { baseMm: 90, widestMm: 120, lengthMm: 400, mouthMm: 105, heightMm: 100, depthMm: 88 },
  'vessel lantern': { baseMm: 150, widestMm: 165, mouthMm: 110, heightMm: 300, depthMm: 200 },
  'ornament wreath': { extent: { kind: 'round', diameterMm: 300 }, heightMm: 60 },
  'ornament sign': { extent: { kind: 'rectangle', lengthMm: 220, widthMm: 10 }, heightMm: 160 },
  'ornament shakers': { extent: { kind: 'rectangle', lengthMm: 110, widthMm: 52 }, heightMm: 100 },
  'ornament napkin-holder': { extent: { kind: 'rectangle', lengthMm: 150, widthMm: 60 }, heightMm: 100 },
  'ornament throw': { extent: { kind: 'rectangle', lengthMm: 900, widthMm: 350 }, heightMm: 3 },
  'ornament lights': { extent: { kind: 'rectangle', lengthMm: 1000, widthMm: 50 }, heightMm: 15 },
  'plate charger': { diameterMm: inches(12.5), heightMm: 15 },
  'plate salad': { diameterMm: inches(8), heightMm: 20 },
  'plate bread': { diameterMm: inches(6), heightMm: 15 },
  'plate bowl': { diameterMm: inches(8.5), heightMm: 45 },
  'glass white': { footMm: 70, bowlMm: 78, heightMm: 205 },
  'glass red': { footMm: 78, bowlMm: 95, heightMm: 220 },
  'glass flute': { footMm: 65, bowlMm: 65, heightMm: 230 },
  'candle pillar': { diameterMm: 75, heightMm: 150, burn: { kind: 'wax', wax: 'paraffin', gramsPerHour: 8 } },
  'candle votive': { diameterMm: 40, heightMm: 50, burn: { kind: 'wax', wax: 'paraffin', gramsPerHour: 5 } },
  'candle tealight': { diameterMm: 38, heightMm: 15, burn: { kind: 'wax', wax: 'paraffin', gramsPerHour: 3.5 } },
  'holder tealight': { cupMm: 42, baseMm: 70, heightMm: 0, chimney: null },
  'holder votive': { cupMm: 46, baseMm: 70, heightMm: 0, chimney: null },
  'holder pillar': { cupMm: 110, baseMm: 110, heightMm: 20, chimney: null }
}

/** Fills what a piece of a kind lacks with the usual sizes, and names what was filled in; labels nobody read stay unknown. */
export function withUsualSizes(piece: Readonly<Record<string, unknown>>): { piece: Record<string, unknown>; assumed: string[] } {
  const kind = piece['kind'] as PieceKind
  const usual = own<Sizes>(byKind, kind)
  if (!usual) return { piece: { ...piece }, assumed: [] }
  const role = String(piece['role'] ?? piece['form'] ?? piece['takes'] ?? '')
  const sizes = { ...usual, ...own(byRole, `${kind} ${role}`) }
  const missing = Object.keys(sizes).filter((name) => piece[name] === undefined)
  return { piece: { ...nothingLabeled, ...plainOfKind[kind], ...piece, ...Object.fromEntries(missing.map((name) => [name, sizes[name]])) }, assumed: missing }
}
