// Pictures that are no proof: logos of labels, photographs of batches. Drawn anew before they come here.
import type { BakerySql } from './withBakery'

export interface PictureNote {
  id: string
  kind: 'logo' | 'photo'
  name: string
  type: 'image/png' | 'image/jpeg'
  /** In points of the picture. */
  width: number
  height: number
}
export interface Picture extends PictureNote {
  bytes: Uint8Array
}

/** False where there is a picture of that id already: it stays. */
export async function keepPicture(sql: BakerySql, one: Picture): Promise<boolean> {
  const rows = await sql`insert into picture (bakery_id, id, kind, name, type, width, height, bytes)
    values (current_bakery(), ${one.id}, ${one.kind}, ${one.name}, ${one.type}, ${one.width}, ${one.height}, ${Buffer.from(one.bytes)}) on conflict do nothing returning 1`
  return rows.length === 1
}

/** The newest first. */
export const listPictures = (sql: BakerySql, kind: Picture['kind'], most = 100): Promise<PictureNote[]> => sql<
  PictureNote[]
>`
  select id, kind, name, type, width, height from picture where kind = ${kind} order by kept_at desc, id limit ${most}`

export async function findPicture(sql: BakerySql, id: string): Promise<Picture | null> {
  const [row] = await sql<(PictureNote & { bytes: Buffer })[]>`
    select id, kind, name, type, width, height, bytes from picture where id::text = ${id}`
  return row ? { ...row, bytes: new Uint8Array(row.bytes) } : null
}

/** Bytes of all of them together. */
export async function picturesKept(sql: BakerySql): Promise<number> {
  const [row] = await sql<{ bytes: string }[]>`select coalesce(sum(length(bytes)), 0) as bytes from picture`
  return Number(row!.bytes)
}
