// Whether the date on a label is one its keeping table bears: never longer than it is safe, nor than it stays good, and a use-by date
// where it can harm before it goes stale (Regulation (EU) 1169/2011, Art. 24, and what other markets ask alike; from memory).
import { type KeptSo, keepingPlaceName } from '../model/keeping'
import type { Product } from '../model/product'
import type { Problem } from './problem'

type Mark = NonNullable<Product['keeps']>['mark']

/** The date that a row bears; or what must be said first, by a person. */
export function dateBorneBy({ good, safe }: KeptSo): { days: number; mark: Mark } | { open: string } {
  if (safe === undefined)
    return { open: 'Say first how long it is safe kept so, or that it goes stale long before it can harm.' }
  if (safe !== 'asLongAsGood') return { days: Math.min(safe, good ?? safe), mark: 'useBy' }
  return good === undefined ? { open: 'Say how long it stays good kept so.' } : { days: good, mark: 'bestBefore' }
}

const dayWord = (days: number) => `${days} ${days === 1 ? 'day' : 'days'}`

/** Nothing where there is no table: then the date is what somebody wrote, and read with the label. */
export function keepingProblems({ keeps, keeping = [] }: Pick<Product, 'keeps' | 'keeping'>): Problem[] {
  if (!keeps || keeping.length === 0) return []
  const problem = (what: string, mend: string, weight?: 'breaks'): Problem => ({
    ...(weight ? { weight } : {}),
    about: 'date',
    what,
    mend,
  })
  const row = keeping.find(one => one.place === keeps.as)
  if (!row)
    return [
      problem(
        'The keeping table does not say which way of keeping the printed date is for.',
        'Print a row of the table, under About.',
      ),
    ]
  const kept = `Kept ${keepingPlaceName[row.place]}`
  const { good, safe, basis } = row
  const found: Problem[] = []
  if (safe === undefined)
    found.push(
      problem(`${kept}, nobody has said how long it is safe.`, 'Ask someone competent; it often takes a test.'),
    )
  else if (safe !== 'asLongAsGood') {
    if (keeps.days > safe)
      found.push(
        problem(
          `${kept}, it is safe for ${dayWord(safe)}, and the date gives it ${dayWord(keeps.days)}.`,
          'Shorten the date.',
          'breaks',
        ),
      )
    if (keeps.mark !== 'useBy')
      found.push(
        problem(`${kept}, it can harm before it looks it: its date is a use-by date.`, 'Print it as “use by”.'),
      )
  } else if (good === undefined)
    found.push(
      problem(
        `${kept}, it is safe as long as it is good, and nobody has said how long that is.`,
        'Write down how long it stays good, by tasting.',
      ),
    )
  if (safe !== undefined && !basis)
    found.push(
      problem(
        `${kept}: on what it rests that it is safe so long is not written down.`,
        'Write down the test or the rule, and who said so.',
      ),
    )
  if (good !== undefined && keeps.days > good)
    found.push(
      problem(
        `${kept}, it stays good for ${dayWord(good)}, and the date gives it ${dayWord(keeps.days)}.`,
        'Shorten the date.',
      ),
    )
  return found
}
