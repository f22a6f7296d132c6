import { chromaOf, colorDistance, hueApart } from '../color/colorWords.js'
import { findPiece, pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import type { Napkin, Plate } from '../design/piece.js'
import { folds } from '../reference/folds.js'
import { offPalette } from '../intent/paletteFit.js'
import { takingTurns } from './byTurns.js'
import { waresOf } from './wares.js'
import type { WholeLookOptions } from './wholeLook.js'

/** Fewer than this alternate with nobody. */
const LEAST_GUESTS = 4
/** Both have this much color in OKLab and lie so far apart, and are of nearly one size: our own starting values. */
const COLORED = 0.02
const APART = 0.12
/** And it is told from the plate it lies on. */
const SEEN = 0.1
const ONE_SIZE_MM = 60
/** It lies nearer than this to a color of the wished palette. Our own starting value. */
const NEAR_PALETTE = 0.2

/** Another napkin of the house that answers the first at every other place, seen on the plate below it; null where there is none, or an odd number sits down. */
export function answeringNapkin(look: Look, first: Napkin, below: Plate | null, options: WholeLookOptions): Napkin | null {
  const { guests, intent, setting } = look
  if (guests.length < LEAST_GUESTS || guests.length % 2 === 1 || chromaOf(first.color) < COLORED) return null
  const answers = (one: Napkin) =>
    one.id !== first.id &&
    chromaOf(one.color) >= COLORED &&
    colorDistance(one.color, first.color) >= APART &&
    (below === null || colorDistance(one.color, below.color) >= SEEN) &&
    Math.abs(one.sideMm - first.sideMm) <= ONE_SIZE_MM &&
    one.sideMm >= folds[setting.napkin?.fold ?? 'flat'].leastMm &&
    (intent.palette.length === 0 || offPalette(one.color, intent.palette) < NEAR_PALETTE)
  const [best] = waresOf(look, { ...options, from: 'owned' })
    .enough('napkin', guests.length / 2)
    .filter(answers)
    .sort((a, b) => hueApart(b.color, first.color) - hueApart(a.color, first.color))
  return best ?? null
}

/** The look with a second napkin at every other place; the same where none is laid. */
export function alternating(look: Look, second: Napkin): Look {
  const first = findPiece(pieceIndex(look), look.setting.napkin?.pieceId, 'napkin')
  return first ? { ...look, kinds: takingTurns(look.kinds, look.setting, new Map([[first, [second]]]), [first]) } : look
}
