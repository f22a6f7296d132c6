import createClient from 'openapi-fetch'
import type { components, operations, paths } from './schema.js'

type Schemas = components['schemas']
/** A DTO of the API by its class’s name without the ending. */
export type Dto<Name extends string> = `${Name}Dto` extends keyof Schemas ? Schemas[`${Name}Dto`] : never
type Json<Content> = Content extends { readonly 'application/json': infer Body } ? Body : never
/** What an operation is sent. */
export type Body<Name extends keyof operations> = operations[Name] extends { readonly requestBody: { readonly content: infer Content } } ? Json<Content> : never
type Answers<Name extends keyof operations> = operations[Name]['responses']
/** What an operation answers when it does what it was asked. */
export type Answer<Name extends keyof operations> = {
  [Status in keyof Answers<Name>]: Status extends 200 | 201 | 202
    ? Answers<Name>[Status] extends { readonly content: infer Content }
      ? Json<Content>
      : never
    : never
}[keyof Answers<Name>]

export type Fault = Dto<'Fault'>
export type LookAnswer = Dto<'LookAnswer'>
export type PlanJob = Dto<'RunningPlan'> | Dto<'CanceledPlan'> | Dto<'FailedPlan'> | Dto<'DonePlan'>

/** What the server refused, or that it could not be reached (`code` is then `offline`). */
export class ApiProblem extends Error {
  constructor(
    readonly code: string,
    message: string,
    readonly faults: readonly Fault[]
  ) {
    super(message)
  }
}

/** A fault in words: its place is said where the message does not name it. */
export function faultWords({ place, message }: Fault): string {
  const name = place.slice(place.lastIndexOf('/') + 1)
  return place === '' || message.includes(name) || /^[A-Z].*\.$/.test(message) ? message : `${place} ${message}`
}

/** What went wrong, line by line. */
export function problemLines(error: unknown): string[] {
  if (!(error instanceof ApiProblem)) return [String(error)]
  return [error.message, ...error.faults.map(faultWords)].filter((line) => line !== '')
}

/** The calls with their types from the OpenAPI description. @public */
export const client = createClient<paths>({ headers: { 'x-hestiad': '1' }, fetch: (request: Request) => globalThis.fetch(request) })

/** The answer of a call. @public @throws ApiProblem when the server refuses or cannot be reached */
export async function ask<Name extends keyof operations>(call: Promise<{ data?: unknown; error?: unknown; response: Response }>): Promise<Answer<Name>> {
  let answer: Awaited<typeof call>
  try {
    answer = await call
  } catch {
    throw new ApiProblem('offline', 'The server cannot be reached.', [])
  }
  if (answer.response.ok) return answer.data as Answer<Name>
  const refused = (answer.error as Partial<Dto<'Problem'>> | undefined)?.error
  throw new ApiProblem(refused?.code ?? 'internal', refused?.message ?? answer.response.statusText, refused?.faults ?? [])
}
