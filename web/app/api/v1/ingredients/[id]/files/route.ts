// Files kept with an ingredient's evidence: known by their own bytes, limited in size, written once.
import { createHash } from 'node:crypto'
import { fileType, findIngredient, keepFile, largestFile, listFiles, mostPapers, papersKept } from '@fair-tin/data'
import { reading } from '../../../../../../bakery'
import { problem, Refused, refusal } from '../../../answer'
import { changingOnce } from '../../../changingOnce'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  try {
    return Response.json({ files: await reading(sql => listFiles(sql, id)) })
  } catch (error) {
    return refusal(error)
  }
}

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const query = new URL(request.url).searchParams
  const evidence = query.get('evidence')?.slice(0, 100) ?? ''
  const name =
    (query.get('name') ?? 'file')
      .replace(/[\\/\p{Cc}]/gu, ' ')
      .trim()
      .slice(0, 120) || 'file'
  const tooLarge = `${name} is over ${largestFile / 1024 / 1024} MB. Keep a smaller copy: print it to a PDF again, or a picture of less size.`
  if (Number(request.headers.get('content-length') ?? 0) > largestFile) return problem(413, tooLarge)
  const bytes = await bounded(request, largestFile)
  if (bytes === null) return problem(413, tooLarge)
  if (bytes.length === 0) return problem(422, `${name} is empty.`)
  const type = fileType(bytes)
  if (!type)
    return problem(
      415,
      `${name} is no PDF and no picture, whatever its name says. Only PDF, PNG, JPEG and WebP are kept.`,
    )
  try {
    const files = await changingOnce(
      'larder',
      request,
      { id, evidence, name, bytes: createHash('sha256').update(bytes).digest('hex') },
      async sql => {
        if (!(await findIngredient(sql, id))) throw new Refused(410, 'This ingredient was taken out in another window.')
        const most = mostPapers()
        if ((await papersKept(sql)) + bytes.length > most)
          throw new Refused(
            413,
            `${name} does not fit: this bakery keeps ${most / 1e6} MB of papers at most. Its owner can take out old ones, or whoever looks after Fair Tin can set another bound (FAIR_TIN_PAPERS_MB).`,
          )
        await keepFile(sql, { id: crypto.randomUUID(), ingredient: id, evidence, name, type, bytes })
      },
      sql => listFiles(sql, id),
    )
    return Response.json({ files })
  } catch (error) {
    return refusal(error)
  }
}

/** The body, or null where it is longer than `most`: no more than that is ever held. */
async function bounded(request: Request, most: number): Promise<Uint8Array | null> {
  const chunks: Uint8Array[] = []
  let length = 0
  for await (const chunk of request.body ?? []) {
    length += chunk.length
    if (length > most) return null
    chunks.push(chunk)
  }
  return new Uint8Array(Buffer.concat(chunks))
}
