// Claims of the house as a form: text while it is edited, rules again when it is kept.
import {
  type CarbohydrateCount,
  type ClaimCode,
  HouseRule,
  type NamedClaim,
  nameOfClaim,
  type RefusedKind,
  usualRules,
} from '@fair-tin/core/model'
import { commaDoubt, typedNumber } from '@fair-tin/core/words'
import { v4 } from 'uuid'

export interface RuleDraft {
  key: string
  /** One that a house may have a list for; empty where it has a name of its own. */
  known: NamedClaim | ''
  name: string
  /** One a row. */
  words: string
  but: string
  kinds: RefusedKind[]
  counted: CarbohydrateCount | ''
  atMost: string
  per: '100g' | 'piece'
}
export const newRule = (): RuleDraft => ({
  key: v4(),
  known: '',
  name: '',
  words: '',
  but: '',
  kinds: [],
  counted: '',
  atMost: '',
  per: '100g',
})
export const ruleDraft = (rule: HouseRule): RuleDraft => ({
  ...newRule(),
  known: rule.claim.startsWith('house:') ? '' : (rule.claim as NamedClaim),
  name: rule.claim.startsWith('house:') ? nameOfClaim(rule.claim) : '',
  words: rule.words.join('\n'),
  but: (rule.but ?? []).join('\n'),
  kinds: [...rule.kinds],
  ...(rule.carbohydrate
    ? {
        counted: rule.carbohydrate.counted,
        atMost: String(rule.carbohydrate.atMost),
        per: rule.carbohydrate.per,
      }
    : {}),
})
/** A named claim begins with the list it has where the house has none. */
export const startingWith = (draft: RuleDraft, known: NamedClaim | ''): RuleDraft => {
  const named = (usualRules as Partial<Record<string, Record<'always' | 'usual', readonly RefusedKind[]>>>)[known]
  const bare = draft.kinds.length + draft.words.trim().length === 0
  return { ...draft, known, ...(bare && named ? { kinds: [...named.always, ...named.usual] } : {}) }
}

export const claimOfDraft = ({ known, name }: RuleDraft): ClaimCode =>
  known === '' ? `house:${name.trim().replace(/\s+/g, ' ')}` : known
const rows = (text: string): string[] => [
  ...new Set(
    text
      .split(/[\n,;]/)
      .map(one => one.trim())
      .filter(Boolean),
  ),
]

/** What stands in the form as rules; or what is wrong, by the form's key. */
export function rulesFrom(
  drafts: readonly RuleDraft[],
): { values: HouseRule[] } | { problems: ReadonlyMap<string, string> } {
  const problems = new Map<string, string>()
  const rules: HouseRule[] = []
  const taken = new Set<string>()
  for (const draft of drafts) {
    const but = rows(draft.but)
    const doubt = draft.counted === '' ? '' : commaDoubt(draft.atMost)
    const read = HouseRule.safeParse({
      claim: claimOfDraft(draft),
      words: rows(draft.words),
      kinds: draft.kinds,
      ...(but.length > 0 ? { but } : {}),
      ...(draft.counted === ''
        ? {}
        : {
            carbohydrate: {
              counted: draft.counted,
              atMost: draft.atMost.trim() === '' ? undefined : typedNumber(draft.atMost),
              per: draft.per,
            },
          }),
    })
    const called = claimOfDraft(draft).toLowerCase()
    if (doubt) problems.set(draft.key, doubt)
    else if (!read.success) problems.set(draft.key, read.error.issues[0]!.message)
    else if (taken.has(called)) problems.set(draft.key, 'There is a list of that name already.')
    else rules.push(read.data)
    taken.add(called)
  }
  return problems.size > 0 ? { problems } : { values: rules }
}
