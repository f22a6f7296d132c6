import { randomUUID } from 'node:crypto'
import type Sharp from 'sharp'
import { ApiError } from '../errors.js'
import { PhotoEntity } from '../storage/entities/PhotoEntity.js'
import type { Storage } from '../storage/openStorage.js'

/** A picture larger than this is refused before a pixel of it is unpacked. */
const MOST_PIXELS = 50_000_000
/** Nor one longer than this along a side: it is unpacked in rows. */
const MOST_SIDE_PX = 16_384
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
 * @throws ApiError unusable-photo, busy
 */
export async function keepPhoto(storage: Storage, bytes: Buffer): Promise<PhotoEntity> {
  const made = await oneAtATime(() => resized(bytes))
  const photo = { id: randomUUID(), ...made, createdAtMs: Date.now() }
  await storage.writes.run((manager) => manager.insert(PhotoEntity, photo))
  return photo
}

/** The two sizes of a photo. @throws ApiError unusable-photo */
async function resized(bytes: Buffer): Promise<Omit<PhotoEntity, 'id' | 'createdAtMs'>> {
  const sharp = await loadSharp()
  const open = () => sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error', pages: 1, sequentialRead: true })
  const at = (side: number) => open().rotate().resize(side, side, { fit: 'inside', withoutEnlargement: true }).flatten({ background: '#ffffff' })
  try {
    const { format, width, height } = await open().metadata()
    if (!FORMATS.includes(format)) throw new Error(`${format} is not taken here`)
    if (width * height > MOST_PIXELS || Math.max(width, height) > MOST_SIDE_PX)
      throw new Error(`${width} × ${height} pixels: at most ${MOST_PIXELS} and ${MOST_SIDE_PX} along a side are taken`)
    const large = await at(LARGE_PX).jpeg({ quality: 82 }).toBuffer({ resolveWithObject: true })
    const small = await sharp(large.data).resize(SMALL_PX, SMALL_PX, { fit: 'inside', withoutEnlargement: true }).jpeg({ quality: 78 }).toBuffer()
    return { widthPx: large.info.width, heightPx: large.info.height, large: large.data, small }
  } catch (error) {
    throw new ApiError('unusable-photo', [{ place: '', message: (error as Error).message.slice(0, 200) }])
  }
}

/** So many photos wait for the one being read. */
const MOST_WAITING = 12
let waiting = 0
let last: Promise<unknown> = Promise.resolve()

/** Unpacked pixels take much memory: one photo after another. @throws ApiError busy when too many wait */
function oneAtATime<T>(work: () => Promise<T>): Promise<T> {
  if (waiting >= MOST_WAITING) throw new ApiError('busy')
  waiting++
  const mine = last.then(work).finally(() => waiting--)
  last = mine.catch(() => undefined)
  return mine
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
