// One kept picture; and taken out again, by the owner, where nothing shows it.
import { findPicture, removePicture } from '@fair-tin/data'
import { changing, reading } from '../../../../../bakery'
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

export async function DELETE(_: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  try {
    const done = await changing('whole bakery', sql => removePicture(sql, id))
    if (done === 'removed') return Response.json({ removed: id })
    return done === 'gone' ? problem(410, 'This picture was taken out before.') : problem(409, done.shown)
  } catch (error) {
    return refusal(error)
  }
}
