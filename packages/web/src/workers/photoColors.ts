import { wrap } from 'comlink'
import type { PhotoColorsService } from './photoColors.worker.js'

/** Main colors of a kept photo, taken from its small picture in a worker that ends with the answer. */
export async function photoColors(photoId: string): Promise<Awaited<ReturnType<PhotoColorsService['of']>>> {
  const worker = new Worker(new URL('./photoColors.worker.ts', import.meta.url), { type: 'module' })
  try {
    const answer = await fetch(`/api/photos/${photoId}/small`)
    return await wrap<PhotoColorsService>(worker).of(await answer.blob())
  } finally {
    worker.terminate()
  }
}
