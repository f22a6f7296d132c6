import { ApiProblem } from './client.js'

/** Forms that are read by the same classes as the server reads them by. */
export type FormName = 'NewOccasionDto' | 'NotedOfferDto'

/** Reads a form as the server would, before it is sent. @throws ApiProblem naming every field at fault, in the words the server would say */
export async function checkForm<Value extends object>(name: FormName, value: Value): Promise<Value> {
  const dto = await import('@hestiad/api')
  const read = dto.readDto<object>(dto[name], JSON.parse(JSON.stringify(value)))
  if (!read.ok) throw new ApiProblem('bad-request', '', read.faults)
  return value
}
