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

/** What still shows a picture, in words; null where nothing does. */
async function shownBy(sql: BakerySql, id: string): Promise<string | null> {
  const [entry] = await sql<{ code: string }[]>`
    select b.code from batch_entry e join batch b on b.bakery_id = e.bakery_id and b.id = e.batch_id
    where e.body ->> 'kind' = 'pictured' and e.body ->> 'picture' = ${id} and not exists (
      select 1 from batch_entry s where s.batch_id = e.batch_id and s.body ->> 'kind' = 'struck' and s.body ->> 'of' = e.id::text)
    limit 1`
  if (entry) return `It stands in the record of batch ${entry.code}: strike that entry first.`
  const [design] = await sql<{ name: string }[]>`
    select d ->> 'name' as name from kitchen, jsonb_array_elements(coalesce(body -> 'labelDesigns', '[]')) d
    where d -> 'logo' ->> 'id' = ${id} limit 1`
  return design ? `It stands on the design ${design.name}: take it off there first.` : null
}
/** Takes out a picture that nothing shows. The database lets only an owner. */
export async function removePicture(sql: BakerySql, id: string): Promise<'removed' | 'gone' | { shown: string }> {
  const shown = await shownBy(sql, id)
  if (shown) return { shown }
  const gone = await sql`delete from picture where id::text = ${id} returning 1`
  return gone.length === 1 ? 'removed' : 'gone'
}

/** Bytes of all of them together. */
export async function picturesKept(sql: BakerySql): Promise<number> {
  const [row] = await sql<{ bytes: string }[]>`select coalesce(sum(length(bytes)), 0) as bytes from picture`
  return Number(row!.bytes)
}
