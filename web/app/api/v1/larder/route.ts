// What of the larder answers to what is asked, as it is typed and chosen.
import { larderFound, proofStates } from '@fair-tin/core/assess'
import { allergenCodes } from '@fair-tin/core/model'
import { wellFormed } from '@fair-tin/core/words'
import { readWorkbook } from '@fair-tin/data'
import { z } from 'zod'
import { reading, today } from '../../../../bakery'
import { problem, refusal } from '../answer'

const Asked = z.object({
  find: z.string().max(200).transform(wellFormed).exactOptional(),
  carries: z.enum(allergenCodes).exactOptional(),
  supplier: z.string().exactOptional(),
  proof: z.enum(proofStates).exactOptional(),
  used: z.enum(['used', 'unused']).exactOptional(),
  most: z.coerce.number().int().min(1).max(20_000).exactOptional(),
})

export async function GET(request: Request) {
  const read = Asked.safeParse(Object.fromEntries(new URL(request.url).searchParams))
  if (!read.success) return problem(422, `The larder cannot be asked that: ${read.error.issues[0]!.path.join('.')}.`)
  const { most, ...asked } = read.data
  try {
    return Response.json(larderFound(await reading(sql => readWorkbook(sql, today())), asked, most))
  } catch (error) {
    return refusal(error)
  }
}
