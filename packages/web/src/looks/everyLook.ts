import type { Look } from '@hestiad/core'
import { api } from '../api/calls.js'

/** The looks of all occasions, to choose one of; none where the server is away. */
export async function everyLook(): Promise<readonly { readonly value: string; readonly label: string; readonly look: Look }[]> {
  const { occasions } = await api.listOccasions().catch(() => ({ occasions: [] }))
  return occasions.flatMap(({ looks }) => looks.map(({ id, name, look }) => ({ value: id, label: `${look.occasion.title}: ${name}`, look: look as Look })))
}
