/** The sheet somebody else lays the table from, and what is sewn. */
export const sheetWords = {
  title: 'Setting drawing',
  back: 'Back to the look',
  print: 'Print',
  above: 'From above, at scale; the thick line is the table’s edge.',
  apart: 'From the side, the layers drawn apart; the star is what is to be looked at.',
  kind: 'Kind {key}, at places {places}',
  at: '{across} {side}, {deep} in from the edge',
  left: 'to the left',
  right: 'to the right',
  inMiddle: 'in the middle, {deep} in from the edge',
  list: 'To check when it is laid',
  minutes: 'Folding {folding} min, laying {laying} min for one person.',
  check: {
    places: 'All {count} places are laid, plates across from each other or on one line.',
    kinds: 'Kinds are where they belong: {kinds}.',
    edge: 'The lowest plate, flatware and mat lie {edge} from the edge, all the same.',
    flatware: '{left} to the left, {right} to the right, {above} above; the first used lies outermost.',
    blades: 'Blades look toward the plate.',
    glasses: '{count} glasses: water above the knife’s tip, wines outward in order of use; no finger marks.',
    bread: 'Bread plates stand upper left, above the forks.',
    napkin: 'Napkins: {fold}, {place}; seams and labels out of sight.',
    star: '{name} is what one sees first.',
    card: 'Cards can be read from behind the chair: {names}.',
    care: 'Done before laying: {names}.',
    'left-handed': 'In mirror image: {names}.',
    child: 'No knives and no wine glasses before small children.'
  }
}

export const sewingWords = {
  title: 'To sew',
  begin: 'Plan what is sewn',
  drop: 'Nothing is sewn',
  fabric: 'Fabric, width',
  hem: 'Hem on each side',
  shrink: 'Shrinks, %',
  turn: 'Pieces may be turned across the fabric',
  add: 'Add a piece',
  napkins: 'Napkins',
  item: 'What',
  length: 'Length',
  width: 'Width',
  count: 'How many',
  remove: 'Leave out {name}',
  takes: '{length} of fabric; no plan takes less than {bound}.',
  panels: '{name}: {count} panels, {seams} seam to cover | {name}: {count} panels, {seams} seams to cover',
  ribbon: 'Ribbon or twine',
  ribbonFor: 'Chairs or bundles',
  ribbonEach: 'Length for each',
  ribbonRoll: 'On a roll',
  ribbonTakes: '{rolls} roll, {left} left over | {rolls} rolls, {left} left over'
}
