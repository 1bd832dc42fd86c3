// One kept picture.
import { findPicture } from '@fair-tin/data'
import { reading } from '../../../../../bakery'
import { problem, refusal } from '../../answer'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  try {
    const picture = await reading(sql => findPicture(sql, id))
    if (!picture) return problem(404, 'There is no such picture.')
    return new Response(Buffer.from(picture.bytes), {
      // the same id is the same picture for ever
      headers: {
        'content-type': picture.type,
        'cache-control': 'private, max-age=31536000, immutable',
        'x-content-type-options': 'nosniff',
      },
    })
  } catch (error) {
    return refusal(error)
  }
}
