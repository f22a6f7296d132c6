import { expect, it } from 'vitest'
import { readBought, takeAlongHtml } from '../src/buying/takeAlong.js'
import { clientPageHtml, readVotes } from '../src/looks/clientPage.js'

const words = {
  title: 'Supper',
  hint: '',
  by: '',
  remark: '',
  save: '',
  named: 'Name "first" </script>',
  stand: { for: 'Yes', unsure: 'Not sure', 'not-here': 'Not here', against: 'No' }
}
const shown = { lookId: 'a', name: 'Blue & <b>gold</b>', picture: '<svg></svg>', colors: ['#112233'], lines: ['Linens: "Flax"'], ask: 'Too <blue>?' }
const votes = { format: 'hestiad-votes', by: 'Ottoline', day: '2027-01-20', votes: [{ lookId: 'a', stand: 'for', remark: 'the napkins' }] }

it('pages taken along hold names as text, never as markup or script', () => {
  const html = clientPageHtml([{ ...shown, lookId: '</script><script>x' }], words)
  expect(html).toContain('Blue &amp; &lt;b&gt;gold&lt;/b&gt;')
  expect(html).toContain('Linens: &quot;Flax&quot;')
  expect(html).toContain('Too &lt;blue&gt;?')
  // what opens a script opens the page's own
  expect(html.match(/<script/g)).toHaveLength(1)
  expect(html.match(/<\/script>/g)).toHaveLength(1)
  const line = {
    offerId: 'o"1',
    pieceId: 'p',
    shop: 'Tide & Co',
    slot: 's',
    pieces: 1,
    cents: 100,
    name: '<i>Taper</i>',
    says: '',
    color: '#000000',
    price: '1'
  }
  const list = takeAlongHtml('id</script>', [line], { title: 't', hint: '', got: '', paid: '', save: '', left: '' }, 2)
  expect(list).toContain('&lt;i&gt;Taper&lt;/i&gt;')
  expect(list.match(/<\/script>/g)).toHaveLength(2)
})

it('what a client or a phone sends back is read whole or refused, whatever is in it', () => {
  expect(readVotes(JSON.stringify(votes))).toEqual(votes)
  const spoiled: unknown[] = [
    null,
    [],
    { ...votes, format: 'x' },
    { ...votes, by: '' },
    { ...votes, by: 'x'.repeat(201) },
    { ...votes, day: 'today' },
    { ...votes, votes: {} },
    { ...votes, votes: [null] },
    { ...votes, votes: [{ ...votes.votes[0], stand: 'maybe' }] },
    { ...votes, votes: [{ ...votes.votes[0], remark: 'x'.repeat(1001) }] }
  ]
  for (const one of spoiled) expect(readVotes(JSON.stringify(one)), JSON.stringify(one).slice(0, 60)).toBeUndefined()
  expect([readVotes('no json'), readBought('no json'), readBought('null')]).toEqual([undefined, undefined, undefined])
})
