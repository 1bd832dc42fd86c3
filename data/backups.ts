// When a copy of the whole was made last, for whoever relies on one.
import type { BakerySql } from './withBakery'

export interface BackupNote {
  /** ISO moments; `tried`: restored beside, and every row was there. */
  made: string
  tried: string | null
}
/** The newest, and the newest that was tried; null where there is none. */
export async function lastBackup(sql: BakerySql): Promise<BackupNote | null> {
  const [row] = await sql<{ made: Date | null; tried: Date | null }[]>`
    select max(made_at) as made, max(tried_at) as tried from backup`
  return row?.made ? { made: row.made.toISOString(), tried: row.tried?.toISOString() ?? null } : null
}
