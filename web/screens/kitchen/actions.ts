'use server'
// Keeps what the kitchen itself may add to the food, and who answers for it.
import { Evidence, Kitchen } from '@fair-tin/core/model'
import { saveKitchen } from '@fair-tin/data'
import { z } from 'zod'
import { type Outcome, refused } from '../outcome'
import { refusals, saving } from '../save'

const Kept = z.object({ kitchen: Kitchen, evidence: z.array(Evidence) })

export async function keepKitchen(input: unknown, seen: number, deed: string): Promise<Outcome<Kitchen>> {
  const read = Kept.safeParse(input)
  if (!read.success) return refusals(read.error)
  return saving<Kitchen>(
    async sql => {
      const saved = await saveKitchen(sql, read.data.kitchen, read.data.evidence, seen)
      if (saved.saved) return { saved: true, id: 'kitchen', version: saved.version }
      if (saved.conflict === 'removed') return refused('The kitchen’s record is gone. Reload the page.')
      return { saved: false, conflict: saved.conflict }
    },
    { deed, asked: { ...read.data, seen } },
  )
}
