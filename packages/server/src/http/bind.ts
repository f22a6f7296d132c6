import { createServer, type RequestListener, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'

/** A head of a request must be there within this time, the whole of it within that. */
const HEAD_MS = 10_000
const WHOLE_MS = 30_000
/** So often it is looked at which requests are late. */
const LOOK_MS = 2_000
/** What is being answered may come to its end within this time when the server ends. */
const LAST_ANSWERS_MS = 2_000

/** A port taken on this machine. Until it is opened everybody is told to come back. */
export interface Bound {
  readonly address: string
  /** Gives an application the server; its handler is not asked before `open`. */
  readonly serverFactory: (handler: RequestListener) => Server
  open(): void
  /** Takes nothing new, lets answers under way come to their end for a short while, then closes every connection. */
  close(): Promise<void>
}

/** Takes a port of this machine; 0 takes a free one. @throws the error of the system, as EADDRINUSE */
export async function bind(port: number): Promise<Bound> {
  const server = createServer({ headersTimeout: HEAD_MS, requestTimeout: WHOLE_MS, connectionsCheckingInterval: LOOK_MS })
  const notYet: RequestListener = (_request, response) => response.writeHead(503, { 'retry-after': '1' }).end()
  let handler = notYet
  server.on('request', (request, response) => handler(request, response))
  await new Promise<void>((resolve, reject) => server.once('error', reject).listen(port, '127.0.0.1', resolve))
  let opened: RequestListener = notYet
  return {
    address: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    serverFactory: (given) => {
      opened = given
      return server
    },
    open: () => {
      handler = opened
    },
    close: () =>
      new Promise((resolve) => {
        const cut = setTimeout(() => server.closeAllConnections(), LAST_ANSWERS_MS)
        server.close(() => {
          clearTimeout(cut)
          resolve()
        })
        server.closeIdleConnections()
      })
  }
}
