import type { Guest } from '../design/look.js'
import { own } from '../units/own.js'
import { readCsv } from './csv.js'
import type { Fault } from './fault.js'
import { listNumber } from './listCells.js'
import { yesWords } from './listWords.js'
import { plainWords, wordTable } from '../units/plainWords.js'
import { guessHeaders } from './readList.js'

export const guestColumns = ['name', 'build', 'age', 'diet', 'hand', 'wheelchair', 'host', 'hearing', 'sight'] as const
export type GuestColumn = (typeof guestColumns)[number]

/** A guest as a list tells them: the name, and whatever else it says. */
export type ListedGuest = Pick<Guest, 'name'> & Partial<Guest>

/** Words of lists in English, German, French, Spanish, Italian and Dutch; our own collection, from memory. */
const headers = wordTable<GuestColumn>({
  name: 'guest, who, full name, first name, gast, gäste, vorname, wer, nom, prénom, invité, invités, qui, nombre, invitado, invitados, quién, nome, ospite, ospiti, invitato, naam, voornaam, wie, naam gast',
  build: 'sex, gender, build, geschlecht, sexe, sexo, sesso, geslacht',
  age: 'age, years, alter, âge, edad, età, leeftijd, jahre, child age, alter des kindes',
  diet: 'diet, food, eats, allergies, allergy, dietary, dietary needs, ernährung, kost, essen, diät, allergien, unverträglichkeiten, régime, dieta, alergias, allergie, dieet, allergieën',
  hand: 'hand, handed, left handed, linkshänder, händigkeit, main, gaucher, mano, zurdo, mancino, linkshandig',
  wheelchair: 'wheelchair, rollstuhl, fauteuil roulant, silla de ruedas, sedia a rotelle, rolstoel',
  host: 'host, gastgeber, hôte, anfitrión, padrone di casa, gastheer',
  hearing: 'hears badly, hearing, schwerhörig, malentendant',
  sight: 'sees badly, sight, sehbehindert, malvoyant'
})
const women = new Set(['w', 'f', 'woman', 'female', 'frau', 'weiblich', 'femme', 'mujer', 'donna', 'vrouw', 'mrs', 'ms'])
const men = new Set(['m', 'man', 'male', 'mann', 'mannlich', 'homme', 'hombre', 'uomo', 'h', 'mr'])
const left = /^(l|left|links|gauche|gaucher|izquierd|zurd|sinistr|mancin)/

export type GuestsRead =
  | { readonly kind: 'names' }
  | {
      readonly kind: 'table'
      readonly header: readonly string[]
      readonly map: Readonly<Record<string, GuestColumn | null>>
      readonly guests: readonly ListedGuest[]
      readonly faults: readonly Fault[]
    }

/** A guest list with headers, by their words or by a `map` of them; `names` when its first line says no column, and every line is but a name. */
export function readGuestsCsv(text: string, map?: Readonly<Record<string, GuestColumn | null>>): GuestsRead {
  const table = readCsv(text)
  if (!table.ok) return { kind: 'names' }
  const found = map ?? guessHeaders<GuestColumn>(table.header, guestColumns, headers)
  if (!Object.values(found).includes('name')) return { kind: 'names' }
  const faults: Fault[] = []
  const guests = table.rows.flatMap((row, i) => {
    const cell = (column: GuestColumn) => (row[table.header.findIndex((name) => own(found, name) === column)] ?? '').trim()
    const name = cell('name').slice(0, 200)
    if (name === '') return []
    const age = cell('age') === '' ? undefined : listNumber(cell('age'))
    if (cell('age') !== '' && age === undefined) faults.push({ place: `row ${i + 2}, column age`, message: `${cell('age').slice(0, 40)} is no age` })
    return [{ name, ...detailsOf(cell, age) }]
  })
  return { kind: 'table', header: table.header, map: found, guests, faults }
}

function detailsOf(cell: (column: GuestColumn) => string, age: number | undefined): Partial<Guest> {
  const build = plainWords(cell('build'))
  const yes = (column: GuestColumn) => (cell(column) === '' ? {} : { [column]: yesWords.has(plainWords(cell(column))) })
  const hand = plainWords(cell('hand'))
  return {
    ...(age !== undefined && age < 18
      ? { body: { kind: 'child' as const, ageYears: Math.max(1, Math.round(age)), boosterMm: 0 } }
      : women.has(build) || men.has(build)
        ? { body: { kind: 'adult' as const, build: women.has(build) ? ('woman' as const) : ('man' as const), stature: 'average' as const } }
        : {}),
    ...(cell('diet') === '' ? {} : { diet: cell('diet').slice(0, 200) }),
    ...(hand === '' ? {} : { leftHanded: left.test(hand) || yesWords.has(hand) }),
    ...yes('wheelchair'),
    ...yes('host'),
    ...yes('hearing'),
    ...yes('sight')
  }
}
