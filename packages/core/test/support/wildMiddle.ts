import { newPlaced, type Look, type Placed, type Random } from '@hestiad/core'

/** Things that lean, hang, go round, stand below others, carry too much, show their gaps and trail cords, mostly without sense. */
export function wildMiddle(random: Random): Placed[] {
  const some = (share: number, placed: Placed[]) => (random() < share ? placed : [])
  const at = (span: number) => Math.round((random() - 0.5) * span)
  return [
    ...some(0.5, [
      { ...newPlaced('leaner', random() < 0.7 ? 'board-walnut' : 'pods-poppy', at(60), -40 - Math.round(random() * 200)), on: 'tall', how: 'leaning' }
    ]),
    ...some(0.4, [newPlaced('low', 'persimmons', 560, at(200)), { ...newPlaced('sign', 'sign-slate', 0, -90), on: 'low', how: 'leaning' }]),
    ...some(0.4, [
      newPlaced('stool', 'stand-legs', -600, at(200)),
      { ...newPlaced('scarf', random() < 0.6 ? 'beads-wood' : 'heron-figure'), on: 'stool', how: 'draped' }
    ]),
    ...some(0.4, [{ ...newPlaced('wreath', random() < 0.5 ? 'wreath-bay' : 'beads-wood'), on: random() < 0.5 ? 'tall' : 'bowl', how: 'around' }]),
    ...some(0.4, [
      newPlaced('tiers', 'tiers-brass', 200, at(300)),
      { ...newPlaced('on-tier', random() < 0.5 ? 'heron-figure' : 'persimmons', 40), on: 'tiers' }
    ]),
    ...some(0.3, [
      newPlaced('lantern', 'lantern-iron', -300, at(300)),
      { ...newPlaced('in-lantern', random() < 0.5 ? 'heron-figure' : 'tealight-smoke'), on: 'lantern', candle: null }
    ]),
    ...some(0.4, [newPlaced('block', 'riser-clear', 450, at(200)), { ...newPlaced('on-block', 'jug-sky'), on: 'block' }]),
    ...some(0.4, [newPlaced('ruscus', 'garland-ruscus', 0, at(100))]),
    ...some(0.4, [newPlaced('plugged', 'lights-plug', at(900), at(300))]),
    ...some(0.3, [{ ...newPlaced('leaves', 'riser-oak', at(900), at(300)), atMeal: false }]),
    ...some(0.3, [
      {
        ...newPlaced('thin-bowl', 'low-bowl-oyster', at(900), at(300)),
        arrangement: { stems: [{ stemId: 'honesty', count: 1 }], riseMm: 80, spreadMm: 160, mechanics: random() < 0.5 ? 'wire' : null }
      }
    ])
  ]
}

/** Pictures, windows and a door round the room. */
export function wildViews(random: Random): Pick<Look['room'], 'views' | 'door'> {
  if (random() < 0.4) return { views: [], door: null }
  return {
    door: random() < 0.8 ? 'south' : null,
    views: [
      { id: 'print', name: 'Print', kind: 'picture', xMm: 0, widthMm: 300, bottomMm: 700, heightMm: 400, side: 'north' },
      { id: 'bay', name: 'Bay', kind: 'window', xMm: 100, widthMm: 900, bottomMm: 800, heightMm: 1200, side: random() < 0.5 ? 'east' : 'north' }
    ]
  }
}
