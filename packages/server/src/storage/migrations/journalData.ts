import type { QueryRunner } from 'typeorm'

/** What a look had done and undone before there was a journal. */
export interface OldHistory {
  readonly lookId: string
  readonly revision: number
  readonly updatedAtMs: number
  readonly history: string
}

interface OldEdit {
  readonly what: string
  readonly patches: readonly unknown[]
  readonly inverse: readonly unknown[]
}

/** Reads the histories before their column goes. */
export async function oldHistories(queryRunner: QueryRunner): Promise<OldHistory[]> {
  return (await queryRunner.query('SELECT id AS lookId, revision, updatedAtMs, history FROM look')) as OldHistory[]
}

/** A look of no occasion gets one of its own. */
export async function occasionsForStrays(queryRunner: QueryRunner): Promise<void> {
  await queryRunner.query(
    'INSERT INTO occasion(id, createdAtMs) SELECT occasionId, MIN(updatedAtMs) FROM look WHERE occasionId NOT IN (SELECT id FROM occasion) GROUP BY occasionId'
  )
}

const PIECE_OF = "CASE WHEN json_valid(document) THEN json_extract(document, '$.pieceId') END"

/** Offers of a piece that is gone, and such as cannot be read, are kept aside. */
export async function setOffersAside(queryRunner: QueryRunner): Promise<void> {
  const lost = `FROM offer WHERE COALESCE(${PIECE_OF}, '') NOT IN (SELECT id FROM piece)`
  await queryRunner.query(
    `INSERT INTO set_aside("table", rowId, why, document, atMs)
      SELECT 'offer', id, CASE WHEN json_valid(document) THEN 'no-piece' ELSE 'unreadable' END, document, ? ${lost}`,
    [Date.now()]
  )
  await queryRunner.query(`DELETE ${lost}`)
}

/** The columns that are copies of what the document says. */
export async function fillLookColumns(queryRunner: QueryRunner): Promise<void> {
  const of = (path: string) => `COALESCE(CASE WHEN json_valid(document) THEN json_extract(document, '${path}') END, '')`
  await queryRunner.query(`UPDATE look SET documentRevision = revision, name = ${of('$.name')}, date = ${of('$.occasion.date')}`)
}

/** What was done and undone becomes entries of the journal, before the revision the look is at. */
export async function fillJournal(queryRunner: QueryRunner, histories: readonly OldHistory[]): Promise<void> {
  for (const old of histories) {
    const { past, future } = readHistory(old.history)
    // what is undone was done first, the next to do again last in the list
    const done = [...past, ...[...future].reverse()].map((edit, i) => ({ edit, kind: 'edit', id: `${i + 1}`, of: `${i + 1}` }))
    const undone = done
      .slice(past.length)
      .reverse()
      .map(({ edit, id }) => ({ edit: { ...edit, patches: edit.inverse, inverse: edit.patches }, kind: 'undo', id: `undo-${id}`, of: id }))
    const entries = [...done, ...undone]
    for (const [i, { edit, kind, id, of }] of entries.entries())
      await queryRunner.query(
        'INSERT INTO edit(lookId, id, revision, kind, "of", what, patches, inverse, "window", atMs) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)',
        [
          ...[old.lookId, id, old.revision - entries.length + i + 1, kind, of, edit.what],
          ...[JSON.stringify(edit.patches), JSON.stringify(edit.inverse), 'earlier', old.updatedAtMs]
        ]
      )
  }
}

/** A history that cannot be read is none. */
function readHistory(text: string): { past: OldEdit[]; future: OldEdit[] } {
  try {
    const { past, future } = JSON.parse(text) as { past: unknown; future: unknown }
    return Array.isArray(past) && Array.isArray(future) && [...past, ...future].every(isEdit) ? { past, future } : { past: [], future: [] }
  } catch {
    return { past: [], future: [] }
  }
}

function isEdit(value: unknown): value is OldEdit {
  const edit = value as Partial<OldEdit> | null
  return typeof edit === 'object' && edit !== null && typeof edit.what === 'string' && Array.isArray(edit.patches) && Array.isArray(edit.inverse)
}
