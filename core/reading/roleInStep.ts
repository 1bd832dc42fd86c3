// Where a thing that only a sentence of the method names would go: by the deed before it, in the clause it stands in.
import type { Role } from '../model/recipe'

const frames: [Role, RegExp][] = [
  ['beside', /\b(?:serve|served|serving|offer|alongside|on the side)\b/i],
  [
    'release',
    /\b(?:greas\w*|oil(?:ed)?(?= (?:a|the|your|two|your))|butter(?:ed)?(?= (?:a|the|your|two))|flour(?:ed)?(?= (?:a|the|your|two|it))|lin(?:e|ed)|spray\w*|roll\w*(?: \w+)? out|(?:dust|flour)\w*\b[^.;]*\b(?:tins?|pans?|trays?|bench|board|worktop|surface|hands))\b/i,
  ],
  ['drained', /\b(?:soak\w*|rins\w*|poach\w*|blanch\w*|boil\w*|fry|fried|drain\w*)\b/i],
  [
    'finish',
    /\b(?:scatter\w*|top(?:ped)?(?: with)?|sprinkl\w*|decorat\w*|garnish\w*|drizzl\w*|glaz\w*|brush\w*|dredg\w*|dust\w*|ic(?:e|ed)|spread\w*|finish\w*|coat\w*|dip\w*|roll\w* in)\b/i,
  ],
]

/** The role a word of a step proposes; in the bowl where no deed before it says otherwise. */
export function roleInStep(step: string, word: string): Role {
  const clause = step.split(/[.;]\s*/).find(one => one.toLowerCase().includes(word.toLowerCase())) ?? step
  const at = clause.toLowerCase().indexOf(word.toLowerCase())
  const found = frames
    .map(([role, pattern]) => ({
      role,
      at: [...clause.matchAll(new RegExp(pattern, 'gi'))].filter(match => match.index <= at).at(-1)?.index ?? -1,
    }))
    .filter(one => one.at >= 0)
    .sort((a, b) => b.at - a.at)[0]
  // "grease the tin with butter": what the sentence is about goes before the last deed in it
  return found?.role ?? 'mix'
}
