interface Described {
  readonly paths: Readonly<Record<string, Readonly<Record<string, { readonly summary: string; readonly requestBody?: object; readonly responses: object }>>>>
  readonly components: { readonly schemas: Readonly<Record<string, object>> }
}

const escaped = (text: string) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;')

/** The API's description as a page to read: every operation with what it takes and answers, every schema. */
export function docsPage(description: object): string {
  const { paths, components } = description as Described
  const shown = (value: object) => `<pre>${escaped(JSON.stringify(value, null, 1))}</pre>`
  const operations = Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(
      ([method, { summary, requestBody, responses }]) =>
        `<details><summary><b>${method.toUpperCase()} ${escaped(path)}</b> ${escaped(summary)}</summary>${requestBody ? `<h3>Takes</h3>${shown(requestBody)}` : ''}<h3>Answers</h3>${shown(responses)}</details>`
    )
  )
  const schemas = Object.entries(components.schemas).map(([name, schema]) => `<details><summary><b>${escaped(name)}</b></summary>${shown(schema)}</details>`)
  const style =
    'body{font:15px/1.5 sans-serif;max-width:60rem;margin:2rem auto;padding:0 1rem;color:#2b2420;background:#f7f2e8}pre{overflow:auto;background:#fffdf8;padding:.6rem}'
  return `<!doctype html><html lang="en"><title>Hestiad: the API</title><style>${style}</style><h1>The API</h1><p>As a document: <a href="/api/openapi.json">OpenAPI</a>.</p><h2>Operations</h2>${operations.join('')}<h2>Schemas</h2>${schemas.join('')}</html>`
}
