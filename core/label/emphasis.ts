// An allergen's name, set apart inside the ingredient list (Regulation (EU) 1169/2011, Art. 21).
import { mentions } from '../ingredient/lexicon'
import type { RulePack } from '../market/rulePack'
import { type AllergenCode, allergenName } from '../model/allergen'
import { joined, plain, type Run, strong } from './run'

/** The codes a market wants declared. */
export function declaredCodes(rules: RulePack): readonly AllergenCode[] {
  const known = declared.get(rules)
  if (known) return known
  const codes = rules.allergens.groups.flatMap(group => group.codes)
  declared.set(rules, codes)
  return codes
}
const declared = new WeakMap<RulePack, readonly AllergenCode[]>()

export const labelNameOf = (code: AllergenCode, rules: RulePack): string =>
  rules.allergens.labelNames[code] ?? allergenName[code]

/** `text` with the words for `codes` emphasised; `unsaid` lists those that no word in it names clearly. */
export function emphasised(text: string, codes: ReadonlySet<AllergenCode>): { runs: Run[]; said: Set<AllergenCode> } {
  const runs: Run[] = []
  const said = new Set<AllergenCode>()
  let at = 0
  for (const mention of mentions(text)) {
    if (!codes.has(mention.code)) continue
    if (mention.clear) said.add(mention.code)
    if (mention.start < at || !mention.clear) continue
    runs.push(plain(text.slice(at, mention.start)), strong(text.slice(mention.start, mention.end)))
    at = mention.end
  }
  runs.push(plain(text.slice(at)))
  return { runs: joined([runs]), said }
}

/** "(**milk**, **soya**)" for what the words leave unsaid. */
export const inBrackets = (codes: readonly AllergenCode[], rules: RulePack): Run[] =>
  codes.length === 0
    ? []
    : joined([
        [plain(' (')],
        joined(
          codes.map(code => [strong(labelNameOf(code, rules))]),
          ', ',
        ),
        [plain(')')],
      ])
