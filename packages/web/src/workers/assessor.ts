import { wrap } from 'comlink'
import type { AssessorService } from './assessor.worker.js'

/** The assessor in its worker. */
export function startAssessor() {
  const worker = new Worker(new URL('./assessor.worker.ts', import.meta.url), { type: 'module' })
  return wrap<AssessorService>(worker)
}
