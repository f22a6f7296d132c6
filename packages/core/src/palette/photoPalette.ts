import { chromaOf, colorDistance, lightnessOf } from '../color/colorWords.js'
import { mainColors } from '../color/mainColors.js'
import type { PaletteEntry } from '../design/intent.js'
import type { RoomColor } from '../design/look.js'
import type { Piece } from '../design/piece.js'

/** Channels from here up are blown out, to here down lost in the dark: they say nothing of a color. Our own starting values. */
const BLOWN = 250
const LOST = 8
/** A color is an accent with so much chroma on so small a share. Our own starting values. */
const ACCENT_CHROMA = 0.06
const ACCENT_SHARE = 0.22
/** Nearer in OKLab two colors of a room are one. */
const SAME_COLOR = 0.04

/** A palette from RGBA bytes of a photo: what is blown out, black or transparent is left out; the largest color is the base, small strong ones are accents. Empty where nothing is left. */
export function photoPalette(rgba: Uint8Array | Uint8ClampedArray): PaletteEntry[] {
  const kept = new Uint8Array(rgba.length)
  let to = 0
  for (let from = 0; from + 3 < rgba.length; from += 4) {
    const [r, g, b, alpha] = [rgba[from]!, rgba[from + 1]!, rgba[from + 2]!, rgba[from + 3]!]
    if (Math.min(r, g, b) >= BLOWN || Math.max(r, g, b) <= LOST || alpha < 128) continue
    kept.set([r, g, b, 255], to)
    to += 4
  }
  return mainColors(kept.subarray(0, to)).map(({ color, share }, i) => ({
    color,
    role: i === 0 ? 'base' : chromaOf(color) >= ACCENT_CHROMA && share <= ACCENT_SHARE ? 'accent' : 'support'
  }))
}

/** A palette a room already has: its lightest quiet color as the ground, its strongest as the accent, the others between. */
export function paletteOfRoom(colors: readonly RoomColor[]): PaletteEntry[] {
  const own = colors.map(({ color }) => color).filter((color, i, all) => all.findIndex((other) => colorDistance(other, color) < SAME_COLOR) === i)
  const strongest = [...own].sort((a, b) => chromaOf(b) - chromaOf(a))[0]
  const accent = strongest !== undefined && chromaOf(strongest) >= ACCENT_CHROMA && own.length > 1 ? strongest : undefined
  const rest = own.filter((color) => color !== accent).sort((a, b) => lightnessOf(b) - lightnessOf(a))
  return [
    ...rest.map((color, i): PaletteEntry => ({ color, role: i === 0 ? 'base' : 'support' })),
    ...(accent === undefined ? [] : [{ color: accent, role: 'accent' as const }])
  ]
}

/** A palette round an anchor piece: its own two colors as accent and support, on the quiet ground they stand on. */
export function paletteOfAnchor({ color, accent }: Piece): PaletteEntry[] {
  const isColored = chromaOf(color) >= ACCENT_CHROMA
  const own: PaletteEntry[] = [{ color, role: isColored ? 'accent' : 'base' }]
  return accent === color ? own : [...own, { color: accent, role: isColored ? 'support' : 'accent' }]
}
