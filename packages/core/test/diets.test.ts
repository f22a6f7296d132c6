import { createAssessor, newDish, newGuest, type BareFinding, type Look } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { avoidedBy, verdictOf } from '../src/menu/diet.js'
import { genusOf, petCaution, plantOf } from '../src/florals/petCaution.js'
import { bareLook, changed, put } from './support/looks.js'

const verdict = (name: string, contains: string, diet: string) => verdictOf({ name, contains }, avoidedBy(diet))

describe('what a guest may eat', () => {
  // Groups after EU Regulation 1169/2011, annex II (recalled); the words that betray them: common practice, no source.
  it.each([
    ['Roast duck', 'persimmon', 'vegetarian', 'has-it'],
    ['Roast duck', 'persimmon', 'pescatarian', 'has-it'],
    ['Baked trout', 'fennel', 'pescatarian', 'described-free'],
    ['Baked trout', 'fennel', 'vegetarian', 'has-it'],
    ['Mushroom pie', 'butter', 'vegan', 'has-it'],
    ['Salad', 'walnuts, leaves', 'no nuts', 'has-it'],
    ['Salad', 'almonds', 'nut allergy', 'has-it'],
    ['Salad', 'walnut', 'walnuts', 'has-it'],
    ['Bread and oil', 'salt', 'gluten-free', 'has-it'],
    ['Custard', 'vanilla', 'no egg', 'has-it'],
    ['Stir-fry', 'tofu', 'soy', 'has-it'],
    ['Paella', 'shrimps', 'no shellfish', 'has-it'],
    ['Pears in port', 'sugar', 'no alcohol', 'has-it'],
    ['Braised pork', 'apple', 'halal', 'has-it'],
    ['Rice', 'saffron', 'halal', 'not-checked'],
    ['Rice', 'halal', 'halal', 'described-free'],
    ['Coconut soup', 'coconut', 'no nuts', 'described-free'],
    ['Butternut squash', 'squash', 'no nuts', 'described-free'],
    ['Winter leaves', '', 'vegan', 'not-checked'],
    ['Winter leaves', 'vegan', 'vegan', 'described-free'],
    ['Cake', 'no gluten, no dairy', 'gluten-free', 'described-free']
  ] as const)('%s with “%s” for “%s”: %s', (name, contains, diet, is) => expect(verdict(name, contains, diet)).toBe(is))

  it('a dish nobody described is not checked, and what is added for a guest is named after what it is without', () => {
    const bare = bareLook()
    const look: Look = {
      ...bare,
      guests: bare.guests.map((guest, i) => (i === 2 ? { ...newGuest(3), diet: 'no nuts' } : guest)),
      menu: { ...bare.menu, service: 'plated', dishes: [{ ...newDish('d', 'main'), name: 'Winter leaves' }] }
    }
    const found = createAssessor()
      .assess(look)
      .findings.find((one) => one.code === 'diet.none')!
    expect([found.severity, found.because]).toEqual(['note', 'not-checked'])
    const remedy = found.remedies[0]!
    expect(remedy.code === 'add-dish' && remedy.params.name).toBe('Dish without nuts')
  })
})

describe('plants and animals', () => {
  it.each(['lilium', 'Lilium longiflorum', ' Lilium', '× Lilium', 'Lilium × formolongo', 'LILIUM'])('%s is the genus Lilium', (name) => {
    expect(genusOf(name)).toBe('Lilium')
    expect(petCaution(name)).toBe('dangerous-to-cats')
  })

  it('every plant on the table is read: garlands, wreaths, loose greens and grapes; what nobody named is unknown, never safe', () => {
    const bare = { ...bareLook(), household: { cats: true, dogs: true, toddlers: false } }
    const tell = (id: string, change: object): BareFinding[] =>
      createAssessor()
        .measure({ ...bare, pieces: [...bare.pieces.filter((piece) => piece.id !== id), changed(id, change)], centerpiece: [put('it', id)] })
        .each.filter((one) => one.code.startsWith('stems.pets'))
    expect(tell('greens-bay', {}).map((one) => one.code)).toEqual(['stems.pets'])
    expect(tell('garland-ruscus', { material: 'plant', name: 'Ivy garland' }).map((one) => one.code)).toEqual(['stems.pets'])
    expect(tell('wreath-bay', { material: 'plant', name: 'Green wreath' }).map((one) => one.code)).toEqual(['stems.pets-unknown'])
    expect(tell('persimmons', { name: 'Black grapes' }).map((one) => one.code)).toEqual(['stems.pets'])
    expect(tell('garland-ruscus', { name: 'Faux ivy' })).toEqual([])
    expect(plantOf(changed('heron-figure', {}))).toBeNull()
  })
})
