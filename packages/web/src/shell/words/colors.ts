/** Colors of a table as they are seen. */
export const colorsWords = {
  seen: 'What is seen from above',
  seenSays: 'Each color by the share of the tabletop it takes. Point at one to see where it lies.',
  role: { base: 'base', support: 'support', accent: 'accent' },
  undertone: { warm: 'warm', cool: 'cool', neutral: 'neutral' },
  things: 'one thing | {n} things',
  inMiddle: '{n} in the middle',
  neutrals: 'Without color to speak of: {share}.',
  table: 'the bare table',
  lightness: 'Light and dark',
  lightnessSays: 'How much of the table is how light, from black at the left to white at the right; {mean} of 100 on the whole.',
  notes: 'What one notices',
  none: 'Nothing quarrels and nothing is lost.',
  note: {
    lone: 'This accent is met in one thing only; three places or more make it part of the table. | This accent is met in {n} things only; three places or more make it part of the table.',
    bring: '{name} in the house would bring it once more.',
    lost: '{name} can hardly be told from what it lies on (difference {deltaE}; from about 5 one sees the edge).',
    dark: 'The table is dark on the whole: {lightness} of 100. A light cloth, plates or napkins lift it.',
    even: 'Everything is about as light as everything else: nothing comes forward.',
    many: '{n} hues at once; two or three are read as one idea.',
    quarrel: 'Two colors that are near and not the same (difference {deltaE}): either match them or part them further.',
    whites: 'A warm white beside a cool one: each makes the other look off. Matching all whites, or mixing many, are both schools.',
    metals: '{names} together: one metal reads as meant, several as mixed metals.'
  },
  short: {
    lone: 'an accent that stands alone',
    lost: 'a layer lost on the one below',
    dark: 'dark on the whole',
    even: 'light and dark too even',
    many: 'many hues',
    quarrel: 'two colors that quarrel',
    whites: 'whites that do not match',
    metals: 'mixed metals'
  },
  mend: 'What we own and would mend it:',
  noMend: 'Nothing in the house mends it with one change.',
  save: 'Palette for',
  saveGpl: 'drawing programs (.gpl)',
  saveCss: 'the web (.css)'
}
