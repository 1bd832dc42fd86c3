// What a request carries: JSON in text any database can hold, made so here, once, before anything is judged.
import { wellFormedData } from '@fair-tin/core/words'

/** Nothing of ours is as deep; what is would overflow whatever walks through it. */
const deepest = 60
/** How deep its brackets go, those in strings not counted. One pass over the text, whatever is in it. */
export function depthOf(text: string): number {
  let depth = 0
  let most = 0
  let quoted = false
  for (let at = 0; at < text.length; at++) {
    const sign = text[at]
    if (quoted) {
      if (sign === '\\') at++
      else if (sign === '"') quoted = false
    } else if (sign === '"') quoted = true
    else if (sign === '[' || sign === '{') most = Math.max(most, ++depth)
    else if (sign === ']' || sign === '}') depth--
  }
  return most
}

/** The body as plain data; null where it is no JSON, or too deep to be any of ours. */
export async function jsonOf(request: Request): Promise<unknown> {
  try {
    const text = await request.text()
    return depthOf(text) > deepest ? null : wellFormedData(JSON.parse(text) as unknown)
  } catch {
    return null
  }
}
