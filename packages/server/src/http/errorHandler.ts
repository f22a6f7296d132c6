import type { FastifyError, FastifyInstance } from 'fastify'
import { ApiError, type ErrorCode } from '../errors.js'

const codes: Record<string, ErrorCode> = {
  FST_ERR_CTP_BODY_TOO_LARGE: 'too-large',
  FST_ERR_CTP_INVALID_MEDIA_TYPE: 'unsupported-type',
  FST_ERR_CTP_EMPTY_JSON_BODY: 'bad-json',
  FST_ERR_CTP_INVALID_JSON_BODY: 'bad-json',
  FST_ERR_CTP_INVALID_CONTENT_LENGTH: 'bad-json'
}

/** Answers every failure with an error of the catalogue. */
export function installErrorHandler(app: FastifyInstance): void {
  app.setErrorHandler((error: FastifyError | ApiError, request, reply) => {
    const answer = asApiError(error)
    if (answer.status >= 500) request.log.error(error)
    return reply.status(answer.status).send(answer.toJSON())
  })
}

function asApiError(error: FastifyError | ApiError): ApiError {
  if (error instanceof ApiError) return error
  const code = codes[error.code]
  if (code) return new ApiError(code)
  if (error.statusCode !== undefined && error.statusCode < 500) return new ApiError('bad-request', [{ place: '', message: error.message }])
  return new ApiError('internal')
}
