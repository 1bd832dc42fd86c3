// One kept file, as it was kept; and taken out again, by the owner.
import { findFile, listFiles, removeFile } from '@fair-tin/data'
import { changing, reading } from '../../../../../bakery'
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

export async function DELETE(_: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  try {
    const files = await changing('whole bakery', async sql => {
      const ingredient = await removeFile(sql, id)
      return ingredient && listFiles(sql, ingredient)
    })
    return files ? Response.json({ files }) : problem(410, 'This paper was taken out in another window.')
  } catch (error) {
    return refusal(error)
  }
}
