import { STATUS_CODES } from 'node:http'
import type { Socket } from 'node:net'
import type { FastifyError, FastifyReply, FastifyRequest } from 'fastify'
import { ApiError, type ErrorCode } from '../errors.js'

const codes: Record<string, ErrorCode> = {
  FST_ERR_CTP_BODY_TOO_LARGE: 'too-large',
  FST_ERR_CTP_INVALID_MEDIA_TYPE: 'unsupported-type',
  FST_ERR_CTP_EMPTY_JSON_BODY: 'bad-json',
  FST_ERR_CTP_INVALID_JSON_BODY: 'bad-json',
  FST_ERR_CTP_INVALID_CONTENT_LENGTH: 'bad-json',
  FST_ERR_MAX_PARAM_LENGTH: 'address-too-long'
}

/** What SQLite and the file system say when something could not be written. */
const NOT_STORED = /^(SQLITE_(FULL|IOERR|READONLY|CANTOPEN)|ENOSPC|EDQUOT|EROFS|EIO|EFBIG)/

function isNotStored(error: { readonly code?: unknown; readonly driverError?: unknown }): boolean {
  const { code } = (error.driverError ?? error) as { readonly code?: unknown }
  return typeof code === 'string' && NOT_STORED.test(code)
}

/** Answers every failure with an error of the catalogue. */
export function answerError(error: FastifyError | ApiError, request: FastifyRequest, reply: FastifyReply): void {
  const answer = asApiError(error)
  if (answer.status >= 500) request.log.error(error)
  void reply.status(answer.status).header('x-content-type-options', 'nosniff').send(answer.toJSON())
}

/** What Node's parser of requests says of what it cannot read. */
const parserCodes: Record<string, ErrorCode> = { HPE_HEADER_OVERFLOW: 'header-too-large', ERR_HTTP_REQUEST_TIMEOUT: 'timed-out' }

/** Answers what did not come as far as a route: half a request, too many headers, no HTTP at all. */
export function answerClientError(error: Error & { readonly code?: string }, socket: Socket): void {
  if (error.code === 'ECONNRESET' || !socket.writable) return void socket.destroy()
  const answer = new ApiError(parserCodes[error.code ?? ''] ?? 'bad-request', [])
  const body = JSON.stringify(answer.toJSON())
  const head = [
    `HTTP/1.1 ${answer.status} ${STATUS_CODES[answer.status]}`,
    'content-type: application/json; charset=utf-8',
    'x-content-type-options: nosniff',
    `content-length: ${Buffer.byteLength(body)}`,
    'connection: close'
  ]
  socket.end(`${head.join('\r\n')}\r\n\r\n${body}`)
}

function asApiError(error: FastifyError | ApiError): ApiError {
  if (error instanceof ApiError) return error
  if (isNotStored(error)) return new ApiError('not-stored')
  const code = codes[error.code]
  if (code) return new ApiError(code)
  if (error.statusCode !== undefined && error.statusCode < 500) return new ApiError('bad-request', [{ place: '', message: error.message }])
  return new ApiError('internal')
}
