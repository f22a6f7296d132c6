import { formatAmount, formatClock, formatDuration, formatWeight, pieceIndex, type BareFinding, type Look, type Remedy } from '@hestiad/core'
import type { Composer } from 'vue-i18n'

type Translate = Composer['t']
export type Length = (lengthMm: number) => string

interface Words {
  readonly t: Translate
  readonly look: Look
  readonly length: Length
}

export const percent = (share: number) => `${Math.round(share * 100)} %`

function placedName(look: Look, placedId: string | undefined): string {
  const placed = look.centerpiece.find((p) => p.id === placedId)
  return pieceIndex(look).get(placed?.pieceId ?? '')?.name ?? ''
}

function guestNames(look: Look, numbers: readonly number[]): string {
  const names = numbers.slice(0, 3).map((n) => look.guests[n - 1]?.name ?? String(n))
  return numbers.length > 3 ? `${names.join(', ')} +${numbers.length - 3}` : names.join(', ')
}

/** What the words of a finding are filled with. */
function paramsOf(finding: BareFinding, { t, look, length }: Words): Record<string, string | number> {
  const { measured: m, limit: l, at } = finding
  const guest = (n: number | undefined) => look.guests[(n ?? 0) - 1]?.name ?? String(n ?? '')
  const mm = (value: number | undefined) => (value === undefined ? '' : length(value))
  const dish = at.kind === 'dish' ? look.menu.dishes.find((one) => one.id === at.dishId) : undefined
  const pieceName = at.kind === 'line' || at.kind === 'linen' ? (pieceIndex(look).get(at.pieceId)?.name ?? '') : ''
  return {
    name: at.kind === 'piece' ? placedName(look, at.placedId) : '',
    other: at.kind === 'piece' ? placedName(look, at.otherId) : '',
    candle: pieceName,
    pieceName,
    role: at.kind === 'role' && finding.code !== 'room.behind' ? t(`role.${at.role}`) : '',
    seats: at.kind === 'seats' ? guestNames(look, at.numbers) : '',
    seat: guest(m['seat']),
    from: guest(m['from']),
    to: guest(m['to']),
    guests: m['guests'] ?? l['pieces'] ?? '',
    needs: mm(l['needsMm']) || (l['pieces'] ?? 'its own kind'),
    width: mm(m['widthMm']),
    wanted: finding.code === 'stems.sparse' ? percent(l['cover'] ?? 0) : mm(l['widthMm']),
    fits: l['guests'] ?? '',
    tight: l['guestsTight'] ?? '',
    overlap: mm(m['overlapMm']),
    drop: mm(m['dropMm']),
    limit: mm(l['dropMm'] ?? l['overhangMm'] ?? l['gapMm'] ?? l['distanceMm']) || formatDuration(l['burnMin'] ?? 0),
    free: mm(l['widthMm']),
    overhang: mm(m['overhangMm']),
    gap: mm(m['gapMm']),
    views: m['views'] ?? '',
    of: m['of'] ?? '',
    share: percent(m['share'] ?? 0),
    misfit: finding.because in misfits ? misfits[finding.because]! : '',
    has: mm(m['hasMm'] ?? m['haveMm']) || 'made for another kind',
    life: formatDuration(m['lifeMin'] ?? 0),
    outAt: formatClock(m['outAtMin'] ?? 0),
    asked: formatDuration(l['lifeMin'] ?? 0),
    candles: m['candles'] ?? '',
    burn: formatDuration(m['burnMin'] ?? 0),
    distance: mm(m['distanceMm']),
    flames: m['flames'] ?? '',
    who: t(`brief.${finding.because === 'toddlers' || finding.because === 'cats' ? finding.because : 'dogs'}`).toLowerCase(),
    stems: finding.code === 'stems.sparse' ? (l['stems'] ?? '') : (m['stems'] ?? ''),
    cover: percent(m['cover'] ?? 0),
    length: mm(m['lengthMm']),
    cut: mm(l['lengthMm']),
    kinds: kinds(m['kinds'] ?? 0),
    spend: formatAmount(m['spendCents'] ?? 0, look.money.currency),
    working: formatAmount(l['spendCents'] ?? 0, look.money.currency),
    pieces: m['pieces'] ?? '',
    needed: m['needed'] ?? (mm(l['haveMm']) || '–'),
    part: finding.at.kind === 'part' ? t(`part.${finding.at.part}`) : '',
    drawn: formatAmount(m['drawnCents'] ?? 0, look.money.currency),
    reserve: formatAmount(l['drawnCents'] ?? 0, look.money.currency),
    claimed: m['claimed'] ?? '',
    owned: m['owned'] ?? '',
    freePieces: l['free'] ?? '',
    knees: mm(m['kneeMm']),
    tall: mm(m['heightMm']),
    wantedKnees: mm(l['kneeMm']),
    low: mm(l['lowMm']),
    high: mm(l['highMm']),
    clear: mm(m['clearMm']),
    wantedClear: mm(l['clearMm']),
    side: at.kind === 'role' && finding.code === 'room.behind' ? t(`seats.sides.${at.role}`).toLowerCase() : '',
    height: mm(m['heightMm']),
    most: finding.code === 'fixture.low' ? mm(l['heightMm']) : (l['stems'] ?? ''),
    seams: m['seams'] ?? '',
    spots: m['spots'] ?? '',
    levels: m['levels'] ?? '',
    wantedLevels: l['levels'] ?? '',
    pairs: m['pairs'] ?? '',
    groups: m['groups'] ?? '',
    wantedShare: percent(l['share'] ?? 0),
    seatCount: m['seats'] ?? '',
    colors: m['colors'] ?? '',
    places: m['places'] ?? '',
    finishes: m['finishes'] ?? '',
    textures: m['textures'] ?? '',
    missing: m['missing'] ?? '',
    open: mm(m['openMm']),
    wantedOpen: mm(l['openMm']),
    tilt: `${Math.round(m['tiltDeg'] ?? 0)}°`,
    wantedTilt: `${l['tiltDeg'] ?? ''}°`,
    shows: mm(m['showsMm']),
    wantedShows: mm(l['showsMm']),
    riser: mm(l['riserMm']),
    leans: leanWords(finding, 'measured', mm),
    wantedLeans: leanWords(finding, 'limit', mm),
    hang: mm(m['hangMm']) || '–',
    wantedHang: mm(l['hangMm']) || '–',
    room: mm(l['heightMm']),
    weight: formatWeight(m['grams'] ?? 0),
    wantedWeight: formatWeight(l['grams'] ?? 0),
    cord: mm(m['cordMm']),
    wantedCord: mm(l['cordMm']) || '–',
    seen: mm(m['seenMm']),
    wantedSeen: mm(l['seenMm']),
    sideLength: mm(l['lengthMm']),
    age: l['ageYears'] ?? '',
    lightness: Math.round(m['lightness'] ?? 0),
    wantedLightness: l['lightness'] ?? '',
    dish: dish?.name ?? '',
    vessel:
      pieceIndex(look)
        .get(dish?.vesselId ?? '')
        ?.name.toLowerCase() ?? '',
    guest: at.kind === 'guest' ? (look.guests.find((one) => one.id === at.guestId)?.name ?? '') : '',
    course: at.kind === 'guest' ? t(`brief.${at.course}`).toLowerCase() : ''
  }
}

/** A lean in degrees, a height or a push, whichever the finding is about. */
function leanWords(finding: BareFinding, part: 'measured' | 'limit', mm: (value: number | undefined) => string): string {
  const { leanDeg, heightMm, pushG } = finding[part] as Record<'leanDeg' | 'heightMm' | 'pushG', number | undefined>
  if (leanDeg !== undefined) return `${Math.round(leanDeg)}° from upright`
  if (heightMm !== undefined) return `held ${mm(heightMm)} up`
  if (pushG !== undefined) return `pushed with ${formatWeight(pushG)}`
  return part === 'measured' ? 'stands free' : 'held by something'
}

const misfits: Record<string, string> = {
  form: 'the wrong kind',
  'cup-small': 'the cup is too small',
  'cup-loose': 'the candle is loose',
  'plate-small': 'the plate is too small',
  'glass-narrow': 'the glass is too narrow',
  'rim-low': 'the glass is too low'
}

function kinds(count: number): string {
  return count === 1 ? 'one kind' : `${count} kinds`
}

interface Described {
  readonly title: string
  readonly is: string
  readonly limit: string
  readonly because: string
}
const described = new WeakMap<BareFinding, { readonly names: string; readonly guests: Look['guests']; readonly unit: string; readonly words: Described }>()
const untold: Length = () => ''

/** The title alone. */
export function findingTitle(t: Translate, finding: BareFinding, look: Look): string {
  return describeFinding(finding, { t, look, length: untold }).title
}

/** A finding as words: title, what is, what may be, why. Kept for as long as the finding, its names and the unit stay. */
export function describeFinding(finding: BareFinding, words: Words): Described {
  const { at } = finding
  const names = at.kind === 'piece' ? `${placedName(words.look, at.placedId)} ${placedName(words.look, at.otherId)}` : ''
  const unit = words.length(1000)
  const earlier = described.get(finding)
  if (earlier && earlier.names === names && earlier.guests === words.look.guests && (earlier.unit === unit || unit === '')) return earlier.words
  const params = paramsOf(finding, words)
  const say = (part: string) => words.t(`finding['${finding.code}'].${part}`, params)
  const told = { title: say('title'), is: say('is'), limit: say('limit'), because: words.t(`because['${finding.because}']`) }
  described.set(finding, { names, guests: words.look.guests, unit, words: told })
  return told
}

/** A remedy as words: what to do, and what it changes. */
export function describeRemedy(remedy: Remedy, words: Words): { what: string; effect: string } {
  return { what: words.t(`remedy['${remedy.code}']`, remedyParams(remedy, words)), effect: effects(remedy, words) || words.t('findings.noEffect') }
}

function remedyParams(remedy: Remedy, { t, look, length }: Words): Record<string, string | number> {
  const p = remedy.params
  const index = pieceIndex(look)
  const mm = (key: string) => (typeof p[key] === 'number' ? length(p[key]) : '')
  const name = (key: string) => index.get(String(p[key] ?? ''))?.name ?? ''
  const amount = (key: string) => formatAmount(Number(p[key] ?? 0), look.money.currency)
  return {
    leaves: p['leaves'] === 1 ? 'one leaf' : `${p['leaves'] ?? ''} leaves`,
    added: mm('addedMm'),
    comfort: t(`brief.${p['comfort'] ?? 'usual'}`).toLowerCase(),
    count: p['count'] ?? '',
    away: p['away'] ?? '',
    piece: (name('pieceId') || placedName(look, String(p['placedId'] ?? '')) || '').toLowerCase(),
    course: t(`brief.${p['course'] ?? 'main'}`).toLowerCase(),
    to: name('toId').toLowerCase(),
    style: t(`linens.${p['drop'] ?? 'casual'}`).toLowerCase(),
    lay: t(`linens.${p['lay'] ?? 'along'}`).toLowerCase(),
    by: mm('byMm'),
    height: mm('heightMm'),
    at: formatClock(Number(p['atMin'] ?? 0)),
    stems: p['stems'] ?? '',
    spread: mm('spreadMm'),
    kinds: kinds(Number(p['kinds'] ?? 1)),
    total: amount('totalCents'),
    guest: p['guest'] ?? '',
    other: p['other'] ?? '',
    length: mm('lengthMm'),
    fold: p['fold'] === undefined ? '' : t(`fold.${p['fold']}.name`).toLowerCase(),
    drink: p['drink'] === undefined ? '' : t(`menu.drinkKinds.${p['drink']}`).toLowerCase(),
    diet: p['diet'] ?? '',
    cents: amount('cents'),
    broad: mm('widthMm'),
    placed: placedName(look, String(p['placedId'] ?? '')).toLowerCase(),
    otherPlaced: placedName(look, String(p['otherId'] ?? '')).toLowerCase(),
    fullness: p['fullness'] === undefined ? '' : t(`compose.fullnesses.${p['fullness']}`).toLowerCase(),
    groups: p['groups'] === undefined ? '' : t(`compose.groupKinds.${p['groups']}`).toLowerCase(),
    color: p['color'] ?? '',
    lean: `${p['leanDeg'] ?? ''}°`,
    level: p['level'] ?? '',
    mechanics: p['mechanics'] === undefined ? '' : t(`florals.mechanicsNames.${p['mechanics']}`).toLowerCase()
  }
}

function effects(remedy: Remedy, { t, look, length }: Words): string {
  const shown = remedy.effect.filter(({ figure, before, after }) => (figure === 'stops' || figure === 'warnings' || figure === 'notes' ? after > before : true))
  return shown
    .map(({ figure, before, after }) => {
      if (figure === 'leftCents') {
        const change = formatAmount(Math.abs(after - before), look.money.currency)
        return after > before ? `saves ${change}` : `costs ${change}`
      }
      const value = figure === 'narrowestMm' ? length(after) : figure === 'shortestLightMin' ? (after < 0 ? '–' : formatDuration(after)) : String(after)
      return t(`effect.${figure}`, { after: value })
    })
    .join(' · ')
}
