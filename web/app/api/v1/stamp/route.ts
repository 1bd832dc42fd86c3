// How new the bakery's books are: a window that shows something older reads again.
import { readStamp } from '@fair-tin/data'
import { reading } from '../../../../bakery'
import { refusal } from '../answer'

export const dynamic = 'force-dynamic'
export async function GET() {
  try {
    return Response.json({ stamp: await reading(readStamp) })
  } catch (error) {
    return refusal(error)
  }
}
