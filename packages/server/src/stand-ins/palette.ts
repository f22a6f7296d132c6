/** Colors of the simulated shops: invented names, one color and its darker companion each. */
export const glazes = [
  ['Oyster', '#ece5d6', '#b8ab92'],
  ['Smoke-blue', '#a9bcc6', '#6f8794'],
  ['Persimmon', '#e07a4f', '#a84f2b'],
  ['Sky-glaze', '#7e9aa6', '#55707c'],
  ['Plum', '#6a3f55', '#462738'],
  ['Moss', '#5f7052', '#414f38'],
  ['Ink', '#3a4250', '#232831'],
  ['Flax', '#d9c9a8', '#a8966f'],
  ['Chalk', '#f6f3ec', '#cfc8b8'],
  ['Rust', '#a4552f', '#73381c'],
  ['Mustard', '#cf9f3c', '#96712a'],
  ['Sage', '#a3ae93', '#77836a'],
  ['Blush', '#e6c3b8', '#b98c80'],
  ['Slate', '#7f868c', '#555b60'],
  ['Walnut', '#6e4d35', '#483122'],
  ['Fog', '#d5d9d8', '#a3a9a8']
] as const

export const tints = [
  ['Clear', '#e4eef1', '#b8cbd2'],
  ['Smoke', '#c4d3da', '#8ea5b0'],
  ['Amber', '#e2b877', '#b0863f'],
  ['Sea', '#bcd8cf', '#86ab9f'],
  ['Rose', '#ecd2d0', '#bb9592'],
  ['Bottle', '#93a98d', '#627a5d']
] as const

export const metals = [
  ['Brass', '#b18d3e', '#7d622a', 'brass'],
  ['Brushed steel', '#b9bdbf', '#84888a', 'steel'],
  ['Silver-plate', '#cfd2d3', '#93979a', 'silver'],
  ['Oak', '#b98d5c', '#83623d', 'wood']
] as const

/** Name, genus, role, form, thickness and head in mm, color, first and last month sold (1 to 12). */
export const flowers = [
  ['White anemone', 'Anemone', 'focal', 'open', 5, 65, '#fbf7f2', 10, 5],
  ['Garden rose', 'Rosa', 'focal', 'globe', 6, 70, '#f1e2d2', 1, 12],
  ['Pale dahlia', 'Dahlia', 'focal', 'open', 7, 90, '#eedcd0', 7, 10],
  ['Rust chrysanthemum', 'Chrysanthemum', 'focal', 'globe', 5, 60, '#a4552f', 8, 12],
  ['Cream peony', 'Paeonia', 'focal', 'globe', 7, 100, '#f5e8dc', 4, 6],
  ['Mauve lisianthus', 'Eustoma', 'filler', 'open', 4, 50, '#cdb4c8', 1, 12],
  ['Waxflower, white', 'Chamelaucium', 'filler', 'spray', 3, 40, '#f6efe9', 1, 12],
  ['Statice, smoke', 'Limonium', 'filler', 'spray', 4, 45, '#b7b4cc', 1, 12],
  ['Chamomile', 'Matricaria', 'filler', 'spray', 2, 20, '#f4f0dc', 4, 9],
  ['Astrantia', 'Astrantia', 'filler', 'open', 3, 30, '#d9c2c6', 5, 9],
  ['Blue delphinium', 'Delphinium', 'line', 'spray', 7, 60, '#8fa4c4', 4, 10],
  ['Cream foxglove', 'Digitalis', 'line', 'spray', 8, 60, '#efe4cf', 5, 7],
  ['Veronica', 'Veronica', 'line', 'spray', 3, 20, '#b5a6c9', 3, 11],
  ['Olive branch', 'Olea', 'foliage', 'leafy', 5, 60, '#8b9478', 1, 12],
  ['Fern', 'Nephrolepis', 'foliage', 'leafy', 4, 80, '#6d8257', 1, 12],
  ['Ivy trail', 'Hedera', 'foliage', 'leafy', 3, 50, '#5a6f4c', 1, 12]
] as const
