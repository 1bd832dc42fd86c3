// A document, a test, a pack label: what a status rests on.
import { z } from 'zod'

/** A calendar day, "2026-11-24". */
export const IsoDate = z.iso.date('Give the day as a whole date.')

export const evidenceKinds = ['specification', 'certificate', 'test', 'packLabel', 'ownKnowledge'] as const
export const Evidence = z.object({
  id: z.string().min(1),
  kind: z.enum(evidenceKinds),
  reference: z.string(),
  dated: IsoDate,
  reviewed: IsoDate.exactOptional(),
  reviewedBy: z.string().exactOptional(),
  expires: IsoDate.exactOptional(),
})
export type Evidence = z.infer<typeof Evidence>

export const evidenceKindName: Record<Evidence['kind'], string> = {
  specification: 'specification',
  certificate: 'certificate',
  test: 'test result',
  packLabel: 'pack label',
  ownKnowledge: 'own knowledge',
}
