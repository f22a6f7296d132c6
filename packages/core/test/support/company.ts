import { newGuest, type Guest, type Random } from '@hestiad/core'

/** A company with wishes from a seed. */
export function company(random: Random, count: number, wishes: number): Guest[] {
  const id = (i: number) => `guest-${i + 1}`
  const guests = Array.from({ length: count }, (_, i): Guest => ({ ...newGuest(i + 1), near: [], apart: [] }))
  for (let w = 0; w < wishes; w++) {
    const i = Math.floor(random() * count)
    const other = id((i + 1 + Math.floor(random() * (count - 1))) % count)
    const guest = guests[i]!
    const kind = random()
    if (kind < 0.3) guests[i] = { ...guest, near: [...new Set([...guest.near, other])] }
    else if (kind < 0.6) guests[i] = { ...guest, apart: [...new Set([...guest.apart, other])] }
    else if (kind < 0.7) guests[i] = { ...guest, leftHanded: true }
    else if (kind < 0.8) guests[i] = { ...guest, hearing: true }
    else if (kind < 0.9) guests[i] = { ...guest, body: { kind: 'child', ageYears: 6, boosterMm: 0 } }
    else guests[i] = { ...guest, wheelchair: true }
  }
  return guests
}
