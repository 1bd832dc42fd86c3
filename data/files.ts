// Files kept with evidence: written once, told apart by their own bytes.
import type { BakerySql } from './withBakery'

export const fileTypes = ['application/pdf', 'image/png', 'image/jpeg', 'image/webp'] as const
export type FileType = (typeof fileTypes)[number]
export const largestFile = 10 * 1024 * 1024

/** What a file is by its first bytes, whatever its name says; null for anything else. */
export function fileType(bytes: Uint8Array): FileType | null {
  const starts = (...first: number[]) => first.every((byte, at) => bytes[at] === byte)
  if (starts(0x25, 0x50, 0x44, 0x46, 0x2d)) return 'application/pdf'
  if (starts(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return 'image/png'
  if (starts(0xff, 0xd8, 0xff)) return 'image/jpeg'
  if (starts(0x52, 0x49, 0x46, 0x46) && String.fromCharCode(...bytes.subarray(8, 12)) === 'WEBP') return 'image/webp'
  return null
}

export interface FileNote {
  id: string
  evidence: string
  name: string
  type: FileType
  size: number
}
export const listFiles = (sql: BakerySql, ingredientId: string): Promise<FileNote[]> => sql<FileNote[]>`
  select id, evidence_id as evidence, name, type, length(bytes) as size from evidence_file
  where ingredient_id = ${ingredientId} order by kept_at`

/** Which paper is on file for which proof of these ingredients; the newest of each. */
export const paperFiles = async (
  sql: BakerySql,
  ingredients: readonly string[],
): Promise<{ id: string; ingredient: string; evidence: string }[]> =>
  ingredients.length === 0
    ? []
    : sql<{ id: string; ingredient: string; evidence: string }[]>`
        select distinct on (ingredient_id, evidence_id) id, ingredient_id as ingredient, evidence_id as evidence
        from evidence_file where ingredient_id in ${sql([...ingredients])}
        order by ingredient_id, evidence_id, kept_at desc, id`

/** Letters and pictures of one bakery, all together: bytes. `FAIR_TIN_PAPERS_MB` says another bound. */
export const mostPapers = (): number => (Number(process.env.FAIR_TIN_PAPERS_MB) || 2000) * 1_000_000
export async function papersKept(sql: BakerySql): Promise<number> {
  const [row] = await sql<{ bytes: string }[]>`select coalesce(sum(length(bytes)), 0) as bytes from evidence_file`
  return Number(row!.bytes)
}
/** Takes a paper out; that it was there stays in the journal. Its ingredient; null where there is none. The database lets only an owner. */
export async function removeFile(sql: BakerySql, id: string): Promise<string | null> {
  const [gone] = await sql<{ ingredient: string }[]>`
    delete from evidence_file where id = ${id} returning ingredient_id as ingredient`
  return gone?.ingredient ?? null
}

export async function keepFile(
  sql: BakerySql,
  file: { id: string; ingredient: string; evidence: string; name: string; type: FileType; bytes: Uint8Array },
): Promise<void> {
  await sql`insert into evidence_file (bakery_id, id, ingredient_id, evidence_id, name, type, bytes)
    values (current_bakery(), ${file.id}, ${file.ingredient}, ${file.evidence}, ${file.name}, ${file.type}, ${Buffer.from(file.bytes)})`
}

export async function findFile(
  sql: BakerySql,
  id: string,
): Promise<{ name: string; type: FileType; bytes: Uint8Array } | null> {
  const [row] = await sql<
    { name: string; type: FileType; bytes: Buffer }[]
  >`select name, type, bytes from evidence_file where id = ${id}`
  return row ? { ...row, bytes: new Uint8Array(row.bytes) } : null
}
