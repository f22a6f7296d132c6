/** The stylist's own style. */
export const styleWords = {
  title: 'Your style',
  does: 'What stays the same whatever the occasion. A new brief begins with it, and everything of it can be changed there.',
  mine: 'What you stand for',
  says: 'In your words',
  saysAs: 'Grown up by the quay: linen, salt glaze, one thing that shines …',
  never: 'Never on a table of yours',
  ways: 'How you work',
  from: 'From what you have done',
  fromLook: 'Take it from a look',
  forget: 'Forget it all',
  takeBack: 'Take that back',
  learned: 'What your choices say',
  nothingLearned: 'Nothing yet: it is learned from the composed looks you lay or keep.',
  along: 'In your style',
  no: 'no {word}',
  waysOnly: 'how you work'
}
