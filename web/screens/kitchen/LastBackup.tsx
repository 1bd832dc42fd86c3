// When everything was copied last, and whether that copy was tried: a bakery that has none should know it.
import { spokenDay } from '@fair-tin/core/words'
import type { BackupNote } from '@fair-tin/data'

const aWeek = 7 * 86_400_000
const dayOf = (moment: string) => spokenDay(moment.slice(0, 10))

export function LastBackup({ backup, now }: { backup: BackupNote | null; now: number }) {
  if (!backup) return <p className="text-unproven">No copy of everything was ever made (npm run backup).</p>
  const old = now - Date.parse(backup.made) > aWeek
  return (
    <p className={old ? 'text-unproven' : 'text-quiet'}>
      Everything was last copied on {dayOf(backup.made)}
      {backup.tried
        ? `, and a copy last tried on ${dayOf(backup.tried)}.`
        : '; no copy was ever tried (-- FILE --try).'}
    </p>
  )
}
