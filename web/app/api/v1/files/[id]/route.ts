// One kept file, as it was kept.
import { findFile } from '@fair-tin/data'
import { reading } from '../../../../../bakery'
import { problem, refusal } from '../../answer'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  try {
    const file = await reading(sql => findFile(sql, id))
    if (!file) return problem(404, 'There is no such file.')
    return new Response(Buffer.from(file.bytes), {
      headers: {
        'content-type': file.type,
        'content-disposition': `inline; filename*=UTF-8''${encodeURIComponent(file.name)}`,
        // nothing in it may run, whatever it is
        'x-content-type-options': 'nosniff',
      },
    })
  } catch (error) {
    return refusal(error)
  }
}
