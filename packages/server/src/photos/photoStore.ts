import { randomUUID } from 'node:crypto'
import type Sharp from 'sharp'
import { ApiError } from '../errors.js'
import { PhotoEntity } from '../storage/entities/PhotoEntity.js'
import type { Storage } from '../storage/openStorage.js'

/** A picture larger than this is refused before a pixel of it is unpacked. */
const MOST_PIXELS = 50_000_000
const LARGE_PX = 1600
const SMALL_PX = 320
const FORMATS: readonly string[] = ['jpeg', 'png', 'webp']

/** Loaded with the first photo: one picture at a time, none kept in memory. */
async function loadSharp(): Promise<typeof Sharp> {
  const { default: sharp } = await import('sharp')
  sharp.concurrency(1)
  sharp.cache(false)
  return sharp
}

/**
 * Keeps a photo: turned upright, at most 1,600 pixels long, as JPEG, without what the camera wrote into it.
 * @throws ApiError unusable-photo
 */
export async function keepPhoto(storage: Storage, bytes: Buffer): Promise<PhotoEntity> {
  const sharp = await loadSharp()
  const open = () => sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error', pages: 1 }).rotate()
  const at = (side: number) => open().resize(side, side, { fit: 'inside', withoutEnlargement: true }).flatten({ background: '#ffffff' })
  try {
    const { format, width, height } = await open().metadata()
    if (!FORMATS.includes(format)) throw new Error(`${format} is not taken here`)
    if (width * height > MOST_PIXELS) throw new Error(`${width} × ${height} pixels are more than ${MOST_PIXELS}`)
    const large = await at(LARGE_PX).jpeg({ quality: 82 }).toBuffer({ resolveWithObject: true })
    const small = await at(SMALL_PX).jpeg({ quality: 78 }).toBuffer()
    const photo = {
      id: randomUUID(),
      widthPx: large.info.width,
      heightPx: large.info.height,
      large: large.data,
      small,
      createdAtMs: Date.now()
    }
    await storage.writes.run((manager) => manager.insert(PhotoEntity, photo))
    return photo
  } catch (error) {
    throw new ApiError('unusable-photo', [{ place: '', message: (error as Error).message.slice(0, 200) }])
  }
}

/** @throws ApiError not-found */
export async function loadPhoto(storage: Storage, id: string): Promise<PhotoEntity> {
  const photo = await storage.dataSource.getRepository(PhotoEntity).findOneBy({ id })
  if (!photo) throw new ApiError('not-found', [{ place: '', message: `no photo ${id.slice(0, 64)}` }])
  return photo
}

/** Photos that no piece, offer or look (or its undo) has named for this long are let go. */
const KEPT_UNNAMED_MS = 30 * 86_400_000

/** Lets go of photos nobody names any more. `nowMs` is milliseconds since 1970. */
export async function sweepPhotos(storage: Storage, nowMs: number): Promise<void> {
  await storage.writes.run((manager) =>
    manager.query(
      `DELETE FROM photo WHERE createdAtMs < ?
        AND NOT EXISTS (SELECT 1 FROM piece WHERE instr(facts, photo.id) > 0)
        AND NOT EXISTS (SELECT 1 FROM offer WHERE instr(document, photo.id) > 0)
        AND NOT EXISTS (SELECT 1 FROM look WHERE instr(document, photo.id) > 0 OR EXISTS (SELECT 1 FROM edit WHERE edit.lookId = look.id AND instr(edit.patches || edit.inverse, photo.id) > 0))`,
      [nowMs - KEPT_UNNAMED_MS]
    )
  )
}
