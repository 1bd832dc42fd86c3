'use server'
// Puts a damaged thing back as it last could be read.
import type { Damaged } from '@fair-tin/core/model'
import { putBack } from '@fair-tin/data'
import { type Outcome, refused } from '../outcome'
import { saving } from '../save'

export async function putDamagedBack(kind: Damaged['kind'], id: string): Promise<Outcome> {
  return saving(async sql =>
    (await putBack(sql, kind, id))
      ? { saved: true, id, version: 0 }
      : refused(
          'The journal holds no state of it that can be read. It stays as it is: ask whoever looks after Fair Tin.',
        ),
  )
}
