// What a request carries: JSON in text any database can hold, made so here, once, before anything is judged.
import { wellFormedData } from '@fair-tin/core/words'

/** The body as plain data; null where it is no JSON. */
export const jsonOf = (request: Request): Promise<unknown> =>
  request.json().then(
    data => wellFormedData(data as unknown),
    () => null,
  )
