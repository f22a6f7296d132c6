import { ApiError, type ErrorCode } from '../errors.js'
import { tasks, type TaskName } from './tasks.js'

/** How a task ended: what it gave, or the error of the API that it threw. Other errors are thrown on. */
export type TaskEnd =
  | { readonly ok: true; readonly value: unknown }
  | { readonly ok: false; readonly code: ErrorCode; readonly faults: ApiError['faults']; readonly details: ApiError['details'] }

export default async function work({ name, args }: { readonly name: TaskName; readonly args: readonly unknown[] }): Promise<TaskEnd> {
  try {
    return { ok: true, value: await (tasks[name] as (...given: readonly unknown[]) => unknown)(...args) }
  } catch (error) {
    if (!(error instanceof ApiError)) throw error
    const { code, faults, details } = error
    return { ok: false, code, faults, details }
  }
}
