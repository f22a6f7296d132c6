import { becauseWords, effectWords, findingWords, remedyWords } from './findings.js'

/** English. */
export const en = {
  app: { name: 'Hestiad', tagline: 'The table, rehearsed.' },
  nav: { occasions: 'Occasions', cupboard: 'Cupboard', undo: 'Undo', redo: 'Redo', day: 'Day', evening: 'Evening', theme: 'Day or evening', units: 'Inches or centimeters', export: 'Save as file', keys: 'Keys', menu: 'More' },
  step: { brief: 'Brief', linens: 'Linens', settings: 'Settings', centerpiece: 'Centerpiece', florals: 'Florals', light: 'Light', buy: 'Buy' },
  severity: { stop: 'Stop', warn: 'Mend', note: 'Note' },
  board: {
    label: 'The table from above and from the side',
    above: 'From above', longSide: 'From the long side', shortSide: 'From the short side',
    size: '{length} × {width}', faces: 'where faces are', turn: 'turn the table', sit: 'who sees whom', allKeys: 'all keys',
    piece: '{name}, {height} tall', seat: 'Seat {number}, {name}', seatLoses: 'Seat {number}, {name}, cannot see {loses} of {others}',
    hidesNobody: 'hides nobody below {height}', rise: 'Height of the flowers'
  },
  save: { saved: 'Saved', unsaved: 'Saving …', saving: 'Saving …', conflict: 'Changed elsewhere', offline: 'Not saved yet; trying again' },
  conflict: {
    title: 'This look was changed in another window',
    text: 'Nothing was overwritten. Keep yours as a second look beside the newer one, or let yours go and load the newer one.',
    both: 'Keep both', newer: 'Load the newer one', name: '{name} (second version)'
  },
  keys: {
    title: 'Keys',
    list: { arrows: 'nudge the chosen piece; with Shift four times as far', brackets: 'turn it by five degrees', delete: 'take it off the table', numbers: 'who this guest sees; 0 is ten', t: 'turn the table', z: 'undo', Z: 'redo', slash: 'search the cupboard', escape: 'let go' }
  },
  ledger: {
    left: 'left to spend', reserve: 'reserve', perGuest: 'per guest', owned: 'owned', fits: 'fits', seen: 'faces seen', light: 'light', days: 'days to go',
    each: '{width} each', of: '{seen} of {pairs}', none: 'none', past: 'past', unit: 'made of',
    leftWhy: 'Budget {total}, less the reserve of {reserve} ({percent} % of the budget), gives {working} to work with. Packs to buy come to {spend}.',
    gaps: 'no gap | one line has no price: a gap | {n} lines have no price: gaps',
    reserveWhy: '{percent} % of the budget of {total}, put aside first.',
    perGuestWhy: '{spend} to spend over {guests} guests. What is owned costs nothing here.',
    ownedWhy: 'Share of all pieces needed, spares included, that the cupboard holds.',
    fitsWhy: 'The narrowest place; {wanted} wanted. Seats {roomy} roomy, {usual} usual, {tight} tight.',
    seenWhy: 'Ordered pairs of guests in which at most a fifth of the face is hidden at the meal.',
    seenBy: '{name} sees {seen} of {others}',
    lightWhy: 'The shortest-lived candle, from lighting to its last safe wax.',
    candle: '{name}: lasts {life}, asked {asked}',
    daysWhy: 'From today to {date}.'
  },
  findings: { title: 'To mend', none: 'Nothing to mend here.', elsewhere: '{n} more elsewhere', doIt: 'Do it', looking: 'Trying remedies …', undone: 'Undo', applied: 'Done: {what}', close: 'Close', noEffect: 'clears it', because: 'Why' },
  finding: findingWords,
  because: becauseWords,
  remedy: remedyWords,
  effect: effectWords,
  occasions: {
    title: 'Occasions', new: 'New occasion', import: 'Open a look file', guests: 'nobody yet | one guest | {n} guests', looks: 'one look | {n} looks', remove: 'Remove', removeAsk: 'Remove “{title}” and its looks?', removeYes: 'Remove', cancel: 'Cancel',
    empty: 'No occasion yet. Begin one: a title, a date, a table and how many come, and Hestiad draws the places.',
    failed: 'The occasions could not be loaded. Nothing is lost; try again.', retry: 'Try again', unusable: 'That file is not a usable look. Nothing was changed.'
  },
  newOccasion: { title: 'New occasion', name: 'What is it', place: 'Where', date: 'Date', arrive: 'Guests arrive', end: 'It ends', guests: 'How many', budget: 'Budget', currency: 'Currency', reserve: 'Reserve, %', table: 'Table', create: 'Begin', needTitle: 'Give it a name.', endEarly: 'An end earlier than the beginning is taken as after midnight.' },
  table: {
    shape: 'Shape', rectangle: 'Rectangle', square: 'Square', round: 'Round', oval: 'Oval', racetrack: 'Racetrack', length: 'Length', width: 'Width', side: 'Side', diameter: 'Across',
    leaves: 'Leaves in', leafEach: 'Each leaf', leavesOwned: 'Leaves owned', support: 'Stands on', legs: 'Four legs', pedestal: 'A pedestal', inset: 'Legs inset', leg: 'Leg width', heads: 'Ends', open: 'Seated', closed: 'Free', height: 'Height', seat: 'Seat height', name: 'Table'
  },
  brief: {
    occasion: 'Occasion', notes: 'Mood and notes', guests: 'Guests', addGuest: 'Add a guest', removeGuest: 'Remove {name}', comfort: 'Places', tight: 'Tight', usual: 'Usual', roomy: 'Roomy', money: 'Money', household: 'In the house', cats: 'Cats', dogs: 'Dogs', toddlers: 'Small children',
    courses: 'Courses', oysters: 'Oysters', soup: 'Soup', fish: 'Fish', salad: 'Salad', main: 'Main', dessert: 'Dessert', stature: 'Build', leftHanded: 'Left-handed', wheelchair: 'Wheelchair', child: 'Child, age', woman: 'Woman', man: 'Man', unstated: 'Adult', short: 'short', average: 'average', tall: 'tall', childBody: 'Child', booster: 'Booster', guestName: 'Name', table: 'Table', capacity: 'Seats {roomy} roomy, {usual} usual, {tight} tight', safety: 'Safety profile', US: 'US', EU: 'EU', caution: 'Local codes, venue rules and your guests’ own word come before these figures.'
  },
  linens: {
    cloth: 'Cloth', runner: 'Runner', mat: 'Mats', none: 'None', lay: 'Laid', along: 'Along', across: 'Across', style: 'Drop', casual: 'Casual', dressy: 'Dressy', formal: 'Formal', hang: 'Hang', ends: 'Ends', sides: 'Sides', corners: 'Corners', least: 'Least', overhang: 'Overhang', share: 'Covers {share} of the width', matGap: 'Between mats', range: '{least} to {most} for this style'
  },
  settings: {
    plates: 'Plates, from the bottom', addPlate: 'Add a plate', bread: 'Bread plate', napkin: 'Napkin', fold: 'Folded', band: 'Band', knot: 'Knot', flat: 'Flat', place: 'Lies', 'on-plate': 'On the plate', left: 'Left', glasses: 'Glasses, in order of use', addGlass: 'Add a glass', dessertAbove: 'Dessert flatware above the plate', flatware: 'Flatware by the courses', room: 'Room', width: 'Setting', given: 'Narrowest place at the plates', depth: 'Deep', leftHand: 'Left', rightHand: 'Right', above: 'Above', broughtIn: 'Brought in', remove: 'Take out {name}', up: 'Higher', own: 'own {owned} of {needed}', pattern: 'Pattern'
  },
  role: { 'dinner-fork': 'dinner fork', 'salad-fork': 'salad fork', 'fish-fork': 'fish fork', 'oyster-fork': 'oyster fork', 'dinner-knife': 'dinner knife', 'fish-knife': 'fish knife', 'soup-spoon': 'soup spoon', 'dessert-fork': 'dessert fork', 'dessert-spoon': 'dessert spoon' },
  centerpiece: {
    onTable: 'On the table', add: 'From the cupboard', search: 'Search pieces', put: 'Put on', chosen: 'Chosen', place: 'Place', along: 'Along', across: 'Across', turn: 'Turn', on: 'Stands on', table: 'the table', atMeal: 'Stays while people eat', takeOff: 'Take off', swap: 'Swap one thing', height: '{height} tall', foot: '{height} off the table', owned: '{n} owned', toBuy: 'to buy', nothing: 'Nothing in the middle yet. Put a bowl or a jug on; it stands in the free middle, and you can drag it.', noRoom: 'No free spot; it stands in the middle for now.', hides: 'hides {n} views', empty: 'No piece of that name.'
  },
  florals: {
    none: 'No vessel on the table. Put a jug, bowl or bottle on in the centerpiece step.', vessel: 'Vessel', recipe: 'Stems', add: 'Add a stem', rise: 'Rise above the rim', spread: 'Spread', count: 'stems', through: 'Through the mouth', cover: 'Covers the dome', cut: 'Cut to', fullness: 'Fullness', sparse: 'Sparse', usual: 'Usual', lush: 'Lush', spare: 'Spare stems, %', of: '{stems} of {most}', coverOf: '{cover}, {wanted} wanted', begin: 'Arrange flowers in it', caution: 'Unknown is unknown, never safe: ask a vet. Treated, glued or pinned produce is no longer food.', toxic: 'listed as toxic to cats and dogs', 'dangerous-to-cats': 'dangerous to cats', 'listed-not-toxic': 'listed as not toxic', unknown: 'unknown'
  },
  light: { none: 'No candle holder on the table. Put one on in the centerpiece step.', holder: 'Holder', candle: 'Candle', empty: 'Empty', lit: 'Lit at', lasts: 'Lasts', out: 'out {at}', left: '{height} left', asked: 'asked {asked}', all: 'Light all at', caution: 'Never leave a flame alone. The candle’s own label, the venue’s rules and local fire codes come first.', flameless: 'flameless' },
  buy: {
    title: 'To buy', piece: 'Piece', need: 'Need', own: 'Own', packs: 'Packs', cost: 'Cost', why: 'Why', total: 'To spend', working: 'To work with', left: 'Left', reserve: 'Reserve', csv: 'Save as CSV', nothing: 'Nothing to buy: the cupboard holds it all.', gap: '{n} without a price', perGuest: '{n} per guest', perLook: '{n} in the look', spares: '{n} spare', packLine: '{packs} × pack of {size}', budget: 'Budget', reservePercent: 'Reserve, %', over: 'over', lead: '{days} days ahead', leftOver: '{n} left over', settings: 'Settings', linens: 'Linens', centerpiece: 'Centerpiece', florals: 'Florals', lightGroup: 'Light'
  },
  cupboard: {
    title: 'Cupboard', search: 'Search name, kind, color, material, place', all: 'All kinds', name: 'Piece', kind: 'Kind', owned: 'Own', kept: 'Kept', size: 'Size', material: 'Material', import: 'Import CSV', export: 'Save as CSV', imported: '{n} pieces taken in.', unusable: 'No row was taken.', empty: 'The cupboard is empty. Import a CSV, or load the demo to see one.', noMatch: 'Nothing matches. Clear the search to see all {n}.', count: '{shown} of {n}', offers: 'Offers', failed: 'Not saved: {message}', saved: 'Saved'
  },
  kind: { plate: 'Plate', glass: 'Glass', flatware: 'Flatware', napkin: 'Napkin', cloth: 'Cloth', runner: 'Runner', mat: 'Mat', vessel: 'Vessel', stem: 'Stem', candle: 'Candle', holder: 'Holder', riser: 'Riser', tray: 'Tray', ornament: 'Ornament' },
  look: { failed: 'This look could not be opened: {message} Nothing is lost.', back: 'Back to the occasions', loading: 'Laying the table …', cupboardChanged: 'The cupboard has changed since.', bringIn: 'Bring it in' }
}
