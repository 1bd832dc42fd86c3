// A sentence of a pack often says two things: "contains milk and may contain nuts", "egg is not used but is handled on site". It is
// parted where something new begins to be said, so that each part is heard by itself.
import { around } from './brackets'
import { foreignContains, foreignMay, foreignWithout, plainLetters } from './foreign'
import { scopeOf } from './scope'

const theMaker =
  '(?:(?:our|the|this|these|its?|your|his|their) )?(?:[\\p{L}-]+ ){0,2}(?:supplier|maker|producer|manufacturer|mill|factory|site|line|kitchen|bakery|facility|plant|farm|grower|packer|premises|equipment|machine|ovens?|fryers?|mixers?|products?|recipes?|cakes?|bars?|ingredients?|we|they|it|which)'
const verbsOfPlace =
  'packed|produced|made|manufactured|prepared|processed|handled|baked|milled|ground|bottled|filled|stored|grown|roasted|fried|cooked|dried|harvested|transported|kept'
const done = `present|used|added|included|handled|stored|processed|made|baked|packed|milled|ground|roasted|kept|possible|excluded|ruled out|found|an? (?:\\p{L}+ )?ingredients?|in (?:it|this|the)`
/** At the head of a warning. */
const warns = [
  // "it may contain", "might have"
  `(?:${theMaker} )?(?:also )?(?:may|might|could)(?: (?:also|still|therefore|sometimes|well|possibly))* (?:contain|have|hold|carry|be)`,
  'traces?',
  // "is packed where milk is used", "made on a line with eggs", "baked beside"
  `(?:(?:it|they|this|which|we|and) )?(?:(?:is|are|was|were) )?(?:also )?(?:${verbsOfPlace}) (?:in|on|at|where|alongside|beside|near|next|by)`,
  `(?:${theMaker} )?(?:(?:also|does|do|still) )*(?:shares?|handles?|uses?|stores?|processes|packs?|makes?|bakes?|mills?|runs?|keeps?)`,
  '(?:(?:it|they|this) )?(?:(?:is|are|was|has|have) )?(?:been )?(?:not|un|never)[ -]?(?:been )?(?:suitable|tested|safe|recommended|for)',
  'cross[- ]?cont\\p{L}+',
  // "we cannot guarantee", "the supplier does not say"
  `(?:${theMaker} )(?:cannot|can not|can['’]t|could not|(?:is|are) (?:unable|not able)|does not|doesn['’]t|do not|don['’]t|has not|have not|is not|are not)`,
  "(?:cannot|can not|can['’]t|unable to) (?:be )?(?:guarantee|confirm|exclude|rule|ensure|say|verify|promise)",
  // "egg is not used", "traces of milk may be present", and with what went before as its subject: "are present on site"
  `(?:(?!where\\b|that\\b|which\\b|when\\b)[\\p{L}'’-]+ ){0,6}(?:is|are|was|were|may be|might be|could be|can be|cannot be|can['’]t be)(?: (?:not|never|also|all|both|still|sometimes))* (?:${done})`,
].join('|')
/** At the head of whatever is told anew: a warning, a promise, or that something is in it. */
const opens = [
  warns,
  "(?:(?:it|this|which|they) )?(?:(?:is|are) )?(?:(?:also|totally|completely|100 ?%) )?(?:free (?:from|of)|contains? no|does not contain|doesn['’]t contain|has no|have no|uses? no|without|with no|made without|no \\p{L}+)",
  '[\\p{L}]+[- ]free(?=\\s*(?:[.,;:)(–-]|$|(?:products?|recipes?|diets?|site|factory|kitchen|bakery|and|but)(?![\\p{L}])))',
  '(?:(?:it|this|this product|the product|which) )?(?:also )?(?:does )?contains?',
  `(?:it|this|this product|the product|which) (?:has|have|is made)`,
  'made (?:with|from|of)',
].join('|')
const conjunction =
  '(?:and|but|however|although|though|even though|even if|while|whilst|whereas|yet|because|since|as|so|despite|&|\\+|or|then|plus|apart from that|otherwise|except that)'
/** What parts two things said: a stroke, a semicolon, a word that joins; a comma alone where a whole sentence stands behind it. */
const joint = new RegExp(
  `(?:\\s*;|\\s+[–—-]|\\s*[,;–—-]?\\s+${conjunction}(?:,|:)?)\\s+(?:(?:that|also|then|please note|note|nb|nb:) )?(?=(?:${opens})(?![\\p{L}]))`,
  'giu',
)
const commaThenTold = new RegExp(`\\s*,\\s+(?=(?:${opens})(?![\\p{L}]))`, 'giu')
const openingBracket = new RegExp(`\\s*\\((?=(?:${opens})(?![\\p{L}]))`, 'giu')
const opensWarning = new RegExp(`^(?:${warns})(?![\\p{L}])`, 'iu')
const goesNoFurther = (inside: string) => partsOf(inside).every(part => scopeOf(part).goesOn === '')
/** Something is told, and no list begun. */
const tells = new RegExp(`^[^,]{0,40}?(?<![\\p{L}])(?:${opens})(?![\\p{L}])`, 'iu')
const finiteSentence = `(?:(?:we|they|it|our [\\p{L} ]{2,20}|the (?:supplier|maker|factory|site|line|kitchen|bakery|mill)) (?:cannot|can['’]t|do|does|may|might|could|has|have|is|are)|(?:(?!where\\b|that\\b|which\\b|when\\b)[\\p{L}'’-]+ ){1,3}(?:is|are|may be) (?:not )?(?:${done}))(?![\\p{L}])`
const commaThenSentence = new RegExp(`\\s*,\\s+(?=${finiteSentence})`, 'giu')
const finite = new RegExp(`^${finiteSentence}`, 'iu')
/** A sentence has been said: it may end here. */
const verb =
  /\b(?:is|are|was|were|has|have|may|might|could|can|cannot|does|do|don|contains?|contained|holds?|handles?|uses?|used|shares?|stores?|stored|packs?|packed|mad?e|makes|baked?|produced|manufactured|prepared|processed|milled|ground|free|without|no|not|un\p{L}+|suitable|traces?|untested|tested|contamination|contact)\b/iu
/** "where nuts", "that handles": something is still to come. */
const stillOpen =
  /\b(?:where|which|that|when|whether|if|using|handling|between)\s+(?:(?!\b(?:is|are|was|were|be|handles?|uses?|contains?|stores?|process\p{L}*|pack\p{L}*|makes?|bakes?|has|have|may|cannot|present|used|handled)\b).)*$|^(?:no|neither|any)\s(?:(?!\b(?:is|are|was|were)\b).)*$/iu
/** "the absence of milk and": one more may come, where no comma ends it. */
const stillNaming =
  /(?:(?<!\b(?:made|baked|topped|line|prepared) )\bwith|(?<!\b(?:free|made) )\b(?:of|from))\s+(?:(?!\b(?:is|are|was|were|be|may|used|handled|made|cannot)\b).)*$/iu
const ofBoth =
  /^[^.;,]*?\b(?:possible|excluded|ruled out|found|(?:may|might|could|can|cannot|can['’]t) be|guaranteed)\b/i
const namesJoined = /(?:\band|\bor|&|\+|,)[\s,]*$/i
const verbFirst = /^(?:also )?(?:is|are|was|were|may be|might be|could be|can be|cannot be)\b/i
/** The subject of what was said: "Peanuts" of "Peanuts are not used in this recipe". */
const subject = /^((?:[\p{L}'’-]+ ){1,5}?)(?:is|are|was|were|may|might|can|cannot|do|does|has|have)\b/iu

/**
 * The parts of a sentence that each say something of their own, in their order, nothing of it left out.
 * Where a part has no subject, that of the part before stands in front of it.
 */
export function toldApart(sentence: string): string[] {
  const { told, besides } = withoutBrackets(sentence)
  return [...partsOf(told), ...besides.flatMap(partsOf)]
}
/** "Made without milk (packed where egg is used)": what a bracket tells behind what was told. */
function withoutBrackets(sentence: string): { told: string; besides: string[] } {
  const besides: string[] = []
  let told = sentence
  for (const { index, 0: mark } of [...sentence.matchAll(openingBracket)].reverse()) {
    const place = index + mark.length
    const { from, to, depth } = around(sentence, place)
    const inside = sentence.slice(from, to)
    if (depth !== 1) continue
    // behind the name of a food only a warning is no part of its list
    if (!tells.test(sentence.slice(0, index)) && !(opensWarning.test(inside) && goesNoFurther(inside))) continue
    besides.unshift(inside)
    told = told.slice(0, index) + told.slice(to + 1)
  }
  return { told, besides }
}
const andAbroad =
  /\s+(?:und|aber|et|mais|y|pero|e|ma|mas|en|maar|och|og|men|i|ale|a|ja|mutta|и|но|та|але|και|αλλά)\s+$/iu
/** "Enthält Milch und kann Nüsse enthalten": where a warning begins behind what is in it, in another tongue. */
function joinedAbroad(sentence: string): { index: number; mark: string }[] {
  const plain = plainLetters(sentence)
  const says = [foreignContains, foreignWithout].some(cue => {
    cue.lastIndex = 0
    return cue.exec(plain)?.index === 0
  })
  if (!says) return []
  foreignMay.lastIndex = 0
  return [...plain.matchAll(foreignMay)].flatMap(({ index: begins }) => {
    const joint = andAbroad.exec(sentence.slice(0, begins))
    return joint ? [{ index: joint.index, mark: joint[0] }] : []
  })
}
function partsOf(sentence: string): string[] {
  const cuts: { at: number; end: number; bare: boolean }[] = []
  let from = 0
  const found = [joint, commaThenSentence, commaThenTold]
    .flatMap(one => [...sentence.matchAll(one)].map(({ index, 0: mark }) => ({ index, mark })))
    .concat(joinedAbroad(sentence))
    .sort((one, other) => one.index - other.index)
  for (const { index, mark } of found) {
    if (index < from || around(sentence, index).depth > 0) continue
    const before = sentence.slice(from, index)
    const behind = sentence.slice(index + mark.length)
    const bare = /^\s*,\s*$/.test(mark)
    if (!/\p{L}{2}/u.test(before)) continue
    // "in a kitchen where nuts and milk are used" is one; so is "milk and eggs are handled here"
    const joinsNames = namesJoined.test(mark) && !opensOwn.test(behind)
    if (bare && !finite.test(behind) && !tells.test(before)) continue
    if (
      joinsNames &&
      (!verb.test(before) ||
        stillOpen.test(before) ||
        (!/,/.test(mark) && stillNaming.test(before) && ofBoth.test(behind)))
    )
      continue
    cuts.push({ at: index, end: index + mark.length, bare })
    from = index + mark.length
  }
  const parts: string[] = []
  for (const [n, { at }] of [...cuts, { at: sentence.length }].entries()) {
    const cut = cuts[n - 1]
    const part = sentence.slice(cut?.end ?? 0, at)
    const of = verbFirst.test(part) ? subject.exec(parts.at(-1) ?? '')?.[1] : undefined
    // behind a comma a list may go on where the warning ends
    const { scope, goesOn } = cut?.bare ? scopeOf(part) : { scope: part, goesOn: '' }
    parts.push(of ? of + scope : scope, ...(goesOn ? [goesOn] : []))
  }
  return parts
}
const newLine = new RegExp(`(?<![,(&:]\\s*)\\n(?=\\s*(?:${opens})(?![\\p{L}]))`, 'giu')
/** Where a line begins with a capital to tell something, it goes on with no line before it: parted by an empty line. */
export const partLines = (text: string): string =>
  text.replace(newLine, (mark, at: number) => (/^\s*\p{Lu}/u.test(text.slice(at + 1, at + 12)) ? '\n\n' : mark))
/** What no list of names goes on with. */
const opensOwn =
  /^(?:(?:it|they|we|this|our|the)\b|(?:also )?(?:may|might|could|contains?|free (?:from|of)|without|made|is|are|packed|produced|traces?|not|no|unsuitable|does|do|cannot|can['’]t)\b)/i
