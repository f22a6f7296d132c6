/** One thing of a look changed. */
export const changesWords = {
  tab: 'One thing',
  says: 'Point at a change to see it on the table, with its figures below; take it with one click, and undo takes it back.',
  how: 'Change',
  way: { for: 'swap or leave out', add: 'add one', help: 'what would help most', fresh: 'another table for least' },
  thing: 'Instead of',
  fromShops: 'From the shops too',
  nothing: {
    for: 'Nothing of its kind can be had for so many. The shops may have it.',
    add: 'Nothing of the house finds room in the middle as it is.',
    help: 'No single change would make it better.',
    fresh: 'Nothing that can be had makes it another table with one change.'
  },
  what: { swap: '{to} for {from}', 'leave-out': 'Without {from}', add: 'Add {from}' },
  owned: '{n} owned',
  toGet: '{n} to get',
  color: { same: 'same color', near: 'near in color', other: 'another color' },
  saves: 'saves {amount}',
  costs: 'costs {amount}',
  faces: 'one more face seen | {n} more faces seen',
  facesLess: 'one face fewer seen | {n} faces fewer seen',
  liftsLess: 'one lift fewer to clear | {n} lifts fewer to clear',
  lifts: 'one lift more to clear | {n} lifts more to clear',
  mends: 'mends: {what}',
  brings: 'brings: {what}',
  nothingElse: 'changes nothing else',
  take: 'Take it'
}
