import { mainColors, photoPalette } from '@hestiad/core'
import { expose } from 'comlink'

const SIDE_PX = 64

/** Takes the colors out of a photo away from the page. */
const service = {
  /** Main colors of a picture, the largest share first. @throws when the picture cannot be read */
  async of(picture: Blob): Promise<ReturnType<typeof mainColors>> {
    return mainColors(await pixelsOf(picture))
  },
  /** A palette from a picture. @throws when the picture cannot be read */
  async palette(picture: Blob): Promise<ReturnType<typeof photoPalette>> {
    return photoPalette(await pixelsOf(picture))
  }
}

async function pixelsOf(picture: Blob): Promise<Uint8ClampedArray> {
  const bitmap = await createImageBitmap(picture, { resizeWidth: SIDE_PX, resizeHeight: SIDE_PX })
  const context = new OffscreenCanvas(SIDE_PX, SIDE_PX).getContext('2d')!
  context.drawImage(bitmap, 0, 0)
  bitmap.close()
  return context.getImageData(0, 0, SIDE_PX, SIDE_PX).data
}

export type PhotoColorsService = typeof service

expose(service)
