import { wrap, type Remote } from 'comlink'
import type { PhotoColorsService } from './photoColors.worker.js'

/** Main colors of a kept photo, taken from its small picture. */
export async function photoColors(photoId: string): Promise<Awaited<ReturnType<PhotoColorsService['of']>>> {
  const answer = await fetch(`/api/photos/${photoId}/small`)
  const picture = await answer.blob()
  return inWorker((service) => service.of(picture))
}

/** A palette from a picture that is not kept. */
export function paletteOfPhoto(picture: Blob): Promise<Awaited<ReturnType<PhotoColorsService['palette']>>> {
  return inWorker((service) => service.palette(picture))
}

/** Asks a worker that ends with the answer. */
async function inWorker<T>(ask: (service: Remote<PhotoColorsService>) => Promise<T>): Promise<T> {
  const worker = new Worker(new URL('./photoColors.worker.ts', import.meta.url), { type: 'module' })
  try {
    return await ask(wrap<PhotoColorsService>(worker))
  } finally {
    worker.terminate()
  }
}
