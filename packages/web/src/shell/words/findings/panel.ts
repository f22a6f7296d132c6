/** Words of the list of findings. */
export const findingsWords = {
  title: 'To mend',
  beforeAfter: 'The plan as it is, and after it',
  none: 'Nothing to mend here.',
  doIt: 'Do it',
  looking: 'Trying remedies …',
  measuring: 'Working it out …',
  undone: 'Undo',
  applied: 'Done: {what}',
  noEffect: 'clears it',
  all: '{what}, the same for all {n}',
  moveAll: 'Move all {n} clear',
  places: '{n} places',
  brings: 'brings instead: {findings}',
  noRemedy: 'Nothing that was tried clears it without something graver. Mend it by hand on the Board.',
  gone: 'something taken away',
  more: '{n} more',
  unnamedDish: 'A dish without a name'
}
