'use server'
// Puts a damaged thing back as it last could be read.
import { type Damaged, damageOf } from '@fair-tin/core/model'
import { putBack, readWorkbook } from '@fair-tin/data'
import { today } from '../../bakery'
import { type Outcome, refused } from '../outcome'
import { saving } from '../save'

export async function putDamagedBack(kind: Damaged['kind'], id: string): Promise<Outcome> {
  return saving('whole bakery', async sql => {
    const done = await putBack(sql, kind, id)
    // a price of it, a kept version: not everything that can be damaged stands in the record itself
    if (done && !damageOf(await readWorkbook(sql, today()), kind, id)) return { saved: true, id, version: 0 }
    return refused(
      'The journal holds no state of it that can be read. It stays as it is: ask whoever looks after Fair Tin.',
    )
  })
}
