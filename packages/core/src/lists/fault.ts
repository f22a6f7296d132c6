/** What is wrong with a document and where: a JSON Pointer (RFC 6901) into it, empty for the whole. */
export interface Fault {
  readonly place: string
  readonly message: string
}

/** A document read, or everything that is wrong with it. */
export type Parsed<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly faults: readonly Fault[] }
