// What goes by a name, as it is typed.
import { meantByStart } from '@fair-tin/core/ingredient'
import { wellFormed } from '@fair-tin/core/words'
import { findByName } from '@fair-tin/data'
import { reading } from '../../../../bakery'
import { refusal } from '../answer'

export async function GET(request: Request) {
  const typed = wellFormed(new URL(request.url).searchParams.get('name') ?? '')
  try {
    return Response.json({ found: await reading(sql => findByName(sql, typed, meantByStart(typed))) })
  } catch (error) {
    return refusal(error)
  }
}
