import type { AtDish, AtGuest, AtLine, AtLinen, AtManner, AtMoney, AtPart, AtPiece, AtPlants, AtRole, AtSeats, AtSide, AtTable, AtTwo } from './at.js'
import type { FlatwareRole, GlassRole } from './piece.js'

/** What a finding is about, what is, what may be at the most or least, and why it matters. Lengths in mm, shares 0 to 1; the unit is in the name. */
export interface Shape<About, Measured, Limit, Because extends string> {
  readonly at: About
  readonly measured: Readonly<Measured>
  readonly limit: Readonly<Limit>
  readonly because: Because
}
interface Nothing {
  readonly [name: string]: never
}

/** Every finding by its code; `FindingOf` makes the types of the findings of it. */
export interface FindingShapes {
  'places.too-narrow': Shape<AtSeats, { widthMm: number; guests: number }, { widthMm: number; guests: number; guestsTight: number }, 'elbows'>
  'places.narrow': FindingShapes['places.too-narrow']
  'places.knees': Shape<AtSeats, { guests: number }, { guests: number }, 'legs'>
  'setting.crowded': Shape<AtSeats, { overlapMm: number; widthMm: number; pairs: number }, { overlapMm: number; widthMm: number }, 'settings-touch' | 'corner'>
  'flatware.missing': Shape<AtRole<FlatwareRole>, { pieces: number }, { pieces: number }, 'courses'>
  'cloth.short': Shape<AtLinen, { dropMm: number }, { dropMm: number }, 'bare-edge' | 'style'>
  'cloth.long': Shape<AtLinen, { dropMm: number }, { dropMm: number }, 'style'>
  'cloth.lap': Shape<AtLinen, { dropMm: number }, { dropMm: number }, 'laps'>
  'cloth.floor': Shape<AtLinen, { dropMm: number }, { dropMm: number }, 'feet'>
  'cloth.uneven': Shape<AtLinen, { dropMm: number }, { dropMm: number }, 'hem-line'>
  'runner.places': Shape<AtLinen, { widthMm: number }, { widthMm: number }, 'under-plates' | 'runners-touch'>
  'runner.overhang': Shape<AtLinen, { overhangMm: number }, { overhangMm: number; mostMm: number }, 'neither-over-nor-short' | 'laps'>
  'mats.gap': Shape<AtLinen, { gapMm: number }, { gapMm: number }, 'mats-touch'>
  'topper.long': Shape<AtLinen, { dropMm: number }, { dropMm: number }, 'hides-cloth'>
  'linen.flaw': Shape<AtLinen, { spots: number }, { spots: number }, 'cover-this'>
  'cloth.seam': Shape<AtLinen, { share: number }, { share: number }, 'seam-bare'>
  'piece.setting': Shape<AtPiece, { overlapMm: number; seat: number }, { overlapMm: number }, 'in-the-place'>
  'piece.piece': Shape<AtTwo, { overlapMm: number }, { overlapMm: number }, 'same-spot'>
  'piece.off': Shape<AtPiece, { overlapMm: number }, { overlapMm: number }, 'falls'>
  'piece.support': Shape<AtPiece, { overlapMm: number }, { overlapMm: number }, 'falls'>
  'sight.hidden': Shape<AtPiece, { views: number; of: number; share: number; from: number; to: number }, { share: number }, 'faces'>
  'candle.misfit':
    | Shape<AtPiece, Nothing, Nothing, 'form'>
    | Shape<AtPiece, { hasMm: number }, { needsMm: number }, 'cup-small' | 'cup-loose' | 'plate-small' | 'glass-narrow' | 'rim-low'>
  'candle.short': Shape<AtLine, { lifeMin: number; outAtMin: number; candles: number }, { lifeMin: number }, 'out-early'>
  'candle.long-burn': Shape<AtTable, { burnMin: number; candles: number }, { burnMin: number }, 'wick'>
  'holders.metals': Shape<AtLine, { pieces: number }, { pieces: number }, 'metals-differ'>
  'flame.near': Shape<AtTwo, { distanceMm: number }, { distanceMm: number }, 'burns' | 'fresh' | 'strict' | 'touches' | 'plume' | 'wall' | 'smothered'>
  'flame.guidance': Shape<AtTable, { flames: number; distanceMm: number }, { distanceMm: number }, 'fresh'>
  'flame.lamp': Shape<AtPiece, { distanceMm: number }, { distanceMm: number }, 'plume' | 'burns' | 'fresh' | 'strict' | 'touches' | 'wall'>
  'flame.setting': Shape<AtPiece, { distanceMm: number; seat: number }, { distanceMm: number }, 'napkin' | 'card'>
  'flame.sleeves': Shape<AtPiece, { distanceMm: number; seat: number }, { distanceMm: number }, 'edge' | 'reach'>
  'flame.flame': Shape<AtTwo, { distanceMm: number }, { distanceMm: number }, 'flames-lean'>
  'flame.household': Shape<AtTable, { flames: number }, { flames: number }, 'toddlers' | 'cats' | 'dogs'>
  'stems.mouth': Shape<AtPiece, { stems: number }, { stems: number }, 'mouth'>
  'stems.sparse': Shape<AtPiece, { cover: number; stems: number }, { cover: number; stems: number }, 'mechanics-show'>
  'stems.short': Shape<AtPiece, { lengthMm: number; kinds: number }, { lengthMm: number }, 'out-of-water'>
  'plants.pets': Shape<AtLine, { kinds: number }, { kinds: number }, 'lilies-cats' | 'listed-toxic' | 'on-no-list'>
  'stems.pets': Shape<AtPlants, { kinds: number }, { kinds: number }, 'lilies-cats' | 'listed-toxic'>
  'stems.pets-unknown': Shape<AtPlants, { kinds: number }, { kinds: number }, 'on-no-list'>
  'money.over': Shape<AtMoney, { spendCents: number }, { spendCents: number }, 'working-budget'>
  'money.cap': Shape<AtPart, { spendCents: number }, { spendCents: number }, 'cap'>
  'money.reserve': Shape<AtMoney, { drawnCents: number }, { drawnCents: number }, 'reserve'>
  'money.gap': Shape<AtLine, { pieces: number; needed: number }, { pieces: number }, 'no-price'>
  'piece.claimed': Shape<AtLine, { needed: number; claimed: number; owned: number }, { free: number }, 'two-occasions'>
  'brief.avoided': Shape<AtLine, { uses: number }, { uses: number }, 'color' | 'material' | 'kind' | 'name'>
  'brief.anchor': Shape<AtLine, { uses: number }, { uses: number }, 'not-laid'>
  'brief.effort': Shape<AtTable, { minutes: number }, { minutes: number }, 'no-time'>
  'wheelchair.knees': Shape<AtSeats, { kneeMm: number; heightMm: number }, { kneeMm: number; lowMm: number; highMm: number }, 'knees-under'>
  'wheelchair.width': Shape<AtSeats, { widthMm: number }, { widthMm: number }, 'wheels'>
  'chair.wide': Shape<AtSeats, { widthMm: number }, { widthMm: number }, 'chairs-touch'>
  'bench.short': Shape<AtSeats, { widthMm: number; guests: number }, { widthMm: number }, 'bench-room'>
  'room.behind': Shape<AtSide, { clearMm: number; guests: number }, { clearMm: number }, 'pass-behind' | 'wheels' | 'push-back'>
  'fixture.low': Shape<AtPiece, { heightMm: number }, { heightMm: number }, 'lamp'>
  'table.seam': Shape<AtTable, { seams: number }, { seams: number }, 'seams-show'>
  'stack.blends': Shape<AtLine, { lightness: number }, { lightness: number }, 'star'>
  'stack.sizes': Shape<AtLine, { widthMm: number }, { widthMm: number }, 'charger-hidden' | 'overhangs' | 'bowl-overhangs'>
  'flatware.metals': Shape<AtTable, { metals: number }, { metals: number }, 'one-metal'>
  'napkin.small': Shape<AtLinen, { lengthMm: number }, { lengthMm: number }, 'fold-size'>
  'child.setting': Shape<AtSeats, { pieces: number }, { pieces: number }, 'small-child'>
  'glass.missing': Shape<AtRole<GlassRole>, { pieces: number }, { pieces: number }, 'drinks'>
  'dish.vessel': Shape<AtDish, { pieces: number }, { pieces: number }, 'no-vessel' | 'holds-no-food'>
  'dish.liner': Shape<AtDish, { pieces: number }, { pieces: number }, 'label-food' | 'food-contact'>
  'dish.room': Shape<AtDish, { pieces: number }, { pieces: number }, 'table-full'>
  'dish.tool': Shape<AtDish, { pieces: number }, { pieces: number }, 'no-tool'>
  'dish.heat': Shape<AtDish, { pieces: number }, { pieces: number }, 'label-heat'>
  'diet.none': Shape<AtGuest, { dishes: number; unchecked: number }, { dishes: number }, 'diet' | 'not-checked'>
  'buffet.long': Shape<AtTable, { lengthMm: number }, { lengthMm: number }, 'sideboard'>
  'charger.buffet': Shape<AtTable, { pieces: number }, { pieces: number }, 'buffet-plates'>
  'pattern.clash': Shape<AtLine, { pieces: number }, { pieces: number }, 'one-star'>
  'high-chair.age': Shape<AtSeats, { guests: number }, { ageYears: number }, 'high-chair'>
  'compose.levels': Shape<AtTable, { levels: number }, { levels: number }, 'flat'>
  'compose.neighbors': Shape<AtPiece, { pairs: number }, { pairs: number }, 'one-height'>
  'compose.groups': Shape<AtTable, { groups: number }, { groups: number }, 'odd' | 'pairs'>
  'compose.balance': Shape<AtTable, { share: number }, { share: number }, 'tips-over'>
  'compose.sparse': Shape<AtTable, { share: number }, { share: number }, 'bare-table'>
  'compose.crowded': Shape<AtTable, { share: number }, { share: number }, 'no-air'>
  'compose.scale': Shape<AtPiece, { share: number }, { share: number }, 'too-wide'>
  'compose.back': Shape<AtPiece, { seats: number }, { seats: number }, 'bare-back'>
  'compose.spread': Shape<AtTable, { colors: number; places: number }, { places: number }, 'echo'>
  'compose.finish': Shape<AtTable, { finishes: number; textures: number }, { finishes: number; textures: number }, 'one-hand'>
  'compose.green': Shape<AtTable, Nothing, Nothing, 'no-green'>
  'compose.light': Shape<AtTable, Nothing, Nothing, 'no-light'>
  'compose.useful': Shape<AtTable, Nothing, Nothing, 'no-use'>
  'compose.middle': Shape<AtTable, { openMm: number }, { openMm: number }, 'talk-across'>
  'piece.tips': Shape<AtPiece, { tiltDeg: number; heightMm: number; footMm: number }, { tiltDeg: number }, 'ten-degrees' | 'bumped'>
  'piece.edge': Shape<AtPiece, { distanceMm: number }, { distanceMm: number }, 'glass-edge'>
  'edge.hands': Shape<AtTable, { pieces: number }, { distanceMm: number }, 'small-hands'>
  'hands.small': Shape<AtTable, { pieces: number }, { pieces: number }, 'coin-cells' | 'small-parts'>
  'hands.cloth': Shape<AtLinen, { pieces: number }, { pieces: number }, 'pull'>
  'edge.tail': Shape<AtTable, { pieces: number }, { distanceMm: number }, 'tail'>
  'piece.sunk': Shape<AtTwo, { showsMm: number; heightMm: number }, { showsMm: number; riserMm: number }, 'below-rim' | 'riser-shows'>
  'piece.opening': Shape<AtTwo, { widthMm: number }, { widthMm: number }, 'does-not-pass'>
  'art.hidden': Shape<AtPiece, { share: number }, { share: number }, 'fights-picture'>
  'socket.bare': Shape<AtTable, { spots: number }, { spots: number }, 'socket-seen'>
  'piece.leans':
    | Shape<AtManner, Nothing, Nothing, 'not-flat' | 'nothing-behind'>
    | Shape<AtManner, { heightMm: number }, { heightMm: number }, 'too-low'>
    | Shape<AtManner, { leanDeg: number }, { leanDeg: number }, 'falls-forward' | 'slides'>
    | Shape<AtManner, { pushG: number }, { pushG: number }, 'pushes-over'>
  'piece.drape': Shape<AtManner, Nothing, Nothing, 'not-pliant'> | Shape<AtManner, { hangMm: number }, { hangMm: number }, 'slips-off'>
  'piece.around': Shape<AtManner, Nothing, Nothing, 'not-pliant'> | Shape<AtManner, { haveMm: number }, { haveMm: number }, 'ring-small' | 'does-not-close'>
  'piece.headroom': Shape<AtTwo, { heightMm: number }, { heightMm: number }, 'too-tall-inside'>
  'piece.load': Shape<AtPiece, { grams: number }, { grams: number }, 'overloaded'>
  'cover.bare': Shape<AtPiece, { spots: number; share: number }, { spots: number }, 'bare-end' | 'bare-gap' | 'bare-mouth' | 'bare-glass-wall'>
  'cord.reach': Shape<AtPiece, { cordMm: number }, Nothing, 'no-socket'> | Shape<AtPiece, { cordMm: number }, { cordMm: number }, 'cord-short'>
  'cord.seen': Shape<AtPiece, { seenMm: number }, { seenMm: number }, 'cord-bare'>
  'cord.floor': Shape<AtPiece, { cordMm: number }, { dropMm: number }, 'trips'>
  'view.hidden': Shape<AtPiece, { share: number }, { share: number }, 'fights-view'>
  'clear.room': Shape<AtTable, { lengthMm: number }, { lengthMm: number }, 'nowhere-to-go'>
}
