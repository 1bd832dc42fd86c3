// Off the main thread: a flour blend as a linear programme, solved by HiGHS.
import {
  type Blend,
  type BlendWish,
  blendProgramme,
  blendRefusal,
  cheapestAsNear,
  contradictions,
  lpText,
  readBlend,
} from '@fair-tin/core/recipe'
import { expose } from 'comlink'
import highs from 'highs'

let solver: ReturnType<typeof highs> | null = null
const at = new URL('highs/runtime', import.meta.url)

async function solve(text: string): Promise<Record<string, number> | null> {
  solver ??= highs({ locateFile: () => at.href })
  const solved = (await solver).solve(text)
  if (solved.Status !== 'Optimal') return null
  return Object.fromEntries(
    Object.entries(solved.Columns).map(([name, column]) => [name, 'Primal' in column ? column.Primal : 0]),
  )
}

const blend = {
  /** The blend, or in words why there is none: what cannot be tried, or which limits contradict each other. */
  async find(wish: BlendWish): Promise<{ blend: Blend } | { problems: string[] }> {
    const refused = blendRefusal(wish)
    if (refused) return { problems: [refused] }
    const values = await solve(lpText(blendProgramme(wish)))
    if (values) {
      const found = readBlend(wish, values)
      const cheaper = found.away === null ? null : cheapestAsNear(wish, found.away)
      const again = cheaper && (await solve(lpText(cheaper)))
      return { blend: again ? readBlend(wish, again) : found }
    }
    const elastic = await solve(lpText(blendProgramme(wish, true)))
    const said = elastic ? contradictions(wish, elastic) : []
    return { problems: said.length > 0 ? said : ['No blend keeps all of these limits. Loosen one of them.'] }
  },
}
export type BlendWorker = typeof blend
expose(blend)
