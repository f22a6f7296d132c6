import { middleUsePart } from '../centerpiece/parts.js'
import { part } from '../subject/part.js'
import { subject } from '../subject/subject.js'
import { buyList } from './buyList.js'
import { moneyFindings } from './moneyFindings.js'
import { capProposals, claimProposals, gapProposals, overBudgetProposals, reserveProposals } from './moneyProposals.js'

/** What decides what is needed, but for the middle. */
const needed = ['linens', 'table', 'guests', 'school', 'setting', 'kinds', 'menu', 'occasion', 'pieces', 'claims', 'buying', 'interchangeable', 'room'] as const

const money = part({
  reads: [...needed, 'money', 'offers', 'shops'],
  needs: { centerpiece: middleUsePart },
  work: (look, { centerpiece }) => buyList({ ...look, centerpiece })
})

/** What is needed, what covers it, what it costs in whole packs, and what is left. */
export const moneySubject = subject({
  name: 'money',
  figures: { money },
  headline: { leftCents: part({ reads: [], needs: { money }, work: (_, { money: list }) => list.leftCents }) },
  findings: part({
    reads: needed,
    needs: { centerpiece: middleUsePart, money },
    work: (look, { centerpiece, money: list }) => moneyFindings(list, { ...look, centerpiece })
  }),
  proposals: {
    'money.over': overBudgetProposals,
    'money.cap': capProposals,
    'money.reserve': reserveProposals,
    'money.gap': gapProposals,
    'piece.claimed': claimProposals
  }
})
