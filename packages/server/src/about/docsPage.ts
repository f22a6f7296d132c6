import { createHash } from 'node:crypto'

interface Described {
  readonly paths: Readonly<Record<string, Readonly<Record<string, OperationDescribed>>>>
  readonly components: { readonly schemas: Readonly<Record<string, object>> }
}

interface OperationDescribed {
  readonly tags: readonly string[]
  readonly summary: string
  readonly requestBody?: object
  readonly responses: object
}

const STYLE = `
  body { max-width: 60rem; margin: 2.5rem auto 5rem; padding: 0 1.5rem; color: #2b2420; background: #f7f2e8; font: 15px/1.55 Figtree, 'Helvetica Neue', Arial, sans-serif }
  h1, h2 { font-family: Fraunces, Georgia, serif; font-weight: 600 }
  h2 { margin: 2.2rem 0 .4rem; text-transform: capitalize }
  h3 { margin: .8rem 0 .3rem; font-size: .9rem }
  a { color: #a03c22 }
  details { border-top: 1px solid #e0d6bf }
  summary { display: grid; grid-template-columns: 4.6rem minmax(0, 22rem) 1fr; gap: .8rem; padding: .55rem .2rem; cursor: pointer }
  summary:hover { background: #fffdf8 }
  summary:focus-visible { outline: 2px solid #a03c22 }
  code, pre { font: 13px/1.45 ui-monospace, Menlo, Consolas, monospace; overflow-wrap: anywhere }
  pre { overflow: auto; max-height: 30rem; padding: .8rem 1rem; border: 1px solid #e0d6bf; border-radius: 6px; background: #fffdf8 }
  .method { color: #a03c22; font-weight: 600 }
  .soft { color: #675a4d }
`

/** What the page may load: nothing but its own style. */
export const docsPolicy = `default-src 'none'; style-src 'sha256-${createHash('sha256').update(STYLE).digest('base64')}'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'`

const escaped = (text: string) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;')
const shown = (value: object) => `<pre>${escaped(JSON.stringify(value, null, 1))}</pre>`

/** The API's description as a page to read: every operation with what it takes and answers, by subject, and every schema. */
export function docsPage(description: object): string {
  const { paths, components } = description as Described
  const bySubject = new Map<string, string[]>()
  for (const [path, methods] of Object.entries(paths))
    for (const [method, operation] of Object.entries(methods)) {
      const subject = operation.tags[0]!
      bySubject.set(subject, [...(bySubject.get(subject) ?? []), operationOf(method, path, operation)])
    }
  const subjects = [...bySubject].map(([subject, operations]) => `<h2>${escaped(subject)}</h2>${operations.join('')}`)
  const schemas = Object.entries(components.schemas).map(
    ([name, schema]) => `<details><summary><b></b><code>${escaped(name)}</code></summary>${shown(schema)}</details>`
  )
  return `<!doctype html><html lang="en"><meta name="viewport" content="width=device-width"><title>Hestiad: the API</title><style>${STYLE}</style>
<h1>The API</h1><p class="soft">Open a line for what it takes and answers. As a document: <a href="/api/openapi.json">OpenAPI</a>. <a href="/">Back to the tables</a>.</p>
${subjects.join('')}<h2>Schemas</h2>${schemas.join('')}</html>`
}

function operationOf(method: string, path: string, { summary, requestBody, responses }: OperationDescribed): string {
  const line = `<span class="method">${method.toUpperCase()}</span><code>${escaped(path)}</code><span class="soft">${escaped(summary)}</span>`
  const takes = requestBody ? `<h3>Takes</h3>${shown(requestBody)}` : ''
  return `<details><summary>${line}</summary>${takes}<h3>Answers</h3>${shown(responses)}</details>`
}
