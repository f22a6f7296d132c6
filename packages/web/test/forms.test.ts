import { firstTable, noFacts } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { checkForm } from '../src/api/checkForm.js'
import { ApiProblem, faultWords, problemLines } from '../src/api/client.js'

const wishes = {
  title: 'A supper',
  place: '',
  date: '2027-03-01',
  arriveMin: 1110,
  endMin: 1380,
  guests: 8,
  totalCents: 0,
  reservePercent: 15,
  currency: 'USD',
  table: firstTable
}
const offer = { pieceId: 'jug', shop: 'Halfpenny Barn', packSize: 1, stock: 1, leadDays: 0, day: '2027-03-01', note: '' }
const wrongOf = async (name: Parameters<typeof checkForm>[0], value: object) =>
  checkForm(name, value).then(
    () => [],
    (error: ApiProblem) => error.faults.map((fault) => fault.place)
  )

describe('a form', () => {
  it('that the server would take is sent as it is', async () => {
    expect(await checkForm('NewOccasionDto', wishes)).toBe(wishes)
    expect(await checkForm('NotedOfferDto', offer)).toBe(offer)
  })

  it.each<[Parameters<typeof checkForm>[0], object, string]>([
    ['NewOccasionDto', { ...wishes, title: '   ' }, '/title'],
    ['NewOccasionDto', { ...wishes, date: '2027-02-30' }, '/date'],
    ['NewOccasionDto', { ...wishes, guests: 101 }, '/guests'],
    ['NewOccasionDto', { ...wishes, arriveMin: NaN }, '/arriveMin'],
    ['NotedOfferDto', { ...offer, shop: '' }, '/shop'],
    ['NotedOfferDto', { ...offer, packSize: 0 }, '/packSize'],
    ['NotedOfferDto', { ...offer, facts: noFacts }, '/facts']
  ])('%s names the field that cannot be so: %#', async (name, value, place) => {
    expect(await wrongOf(name, value)).toContain(place)
  })

  it('says in the words the server would say, and names a place only where the words do not', async () => {
    const lines = await checkForm('NewOccasionDto', { ...wishes, title: '' }).catch(problemLines)
    expect(lines).toEqual(['Give the occasion a name.'])
    expect(faultWords({ place: '/guests', message: 'guests must not be greater than 100' })).toBe('guests must not be greater than 100')
    expect(faultWords({ place: '/table/heightMm', message: 'must be a number' })).toBe('/table/heightMm must be a number')
  })
})
