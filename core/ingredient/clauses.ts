// A printed statement taken apart into clauses, each with what it says of what it names: that it is in it, that it may be, that
// it is not, or that one should look elsewhere. What is none of these is the list.
import { answered, answersIn } from './answers'
import { around } from './brackets'
import { foreignContains, foreignMay, foreignWithout, plainLetters } from './foreign'
import { namesFood } from './lexicon'
import { bareName, scopeOf } from './scope'
import { proof } from './sober'
import { toldApart } from './toldApart'

export interface Clauses {
  /** The list of what it is made of, in its sentences, without what the other clauses say. */
  list: string[]
  /** "Contains: milk", "Soya: present": what is said to be in it. */
  contains: string[]
  may: string[]
  /** Promises of absence, advice, storage: proof of nothing. */
  other: string[]
  /** Of those, what is neither a promise nor a list nor a warning: it may tell of anything. */
  untold: string[]
  /** What could be read in two ways. */
  doubts: string[]
}

/** Where a sentence of its own begins, though no full stop stands before it. */
const opensSentence =
  /(?<=[\p{L}\p{N})\]%.;]\s+)(?=(?:May (?:also )?(?:contain|be present)|Contains?:|Contains (?!2|less)|CONTAINS|MAY (?:ALSO )?CONTAIN|Allerg(?:y|en)|ALLERG|Produced|Made in|Made on|Manufactured|Packed|Prepared in|Processed in|Free from|Cross[- ][Cc]onta|Suitable for|Not suitable|Unsuitable for|Storage|Store |Traces|For allergens|Due to|Cannot guarantee|Our |This product|Cocoa solids|Milk solids))/gu
/** What promises or warns at the head of a sentence: it ends with its full stop, whatever follows. */
const opensAside =
  /^\s*(?:free (?:from|of)|contains? no|does not contain|made without|without|may (?:also )?contain|traces? of)\b/i
/** A full stop ends a sentence where the next begins with a capital; not after "min." or in "0.5". */
const sentences = (text: string): string[] => {
  const out: string[] = []
  for (const part of text.replace(opensSentence, '\n').split(/\n+/)) {
    let depth = 0
    let from = 0
    for (let at = 0; at < part.length; at++) {
      const letter = part[at]!
      if ('([{'.includes(letter)) depth++
      else if (')]}'.includes(letter)) depth = Math.max(0, depth - 1)
      else if (
        letter === '.' &&
        depth === 0 &&
        (/^\s+["“']?[\p{Lu}(]|^\s*$/u.test(part.slice(at + 1, at + 20)) ||
          (/^\s/.test(part.slice(at + 1)) && opensAside.test(part.slice(from, from + 40)))) &&
        !/\b(?:min|max|approx|ca|no|vit|incl|e\.g|i\.e)$/i.test(part.slice(Math.max(from, at - 10), at))
      ) {
        out.push(part.slice(from, at + 1))
        from = at + 1
      }
    }
    out.push(part.slice(from))
  }
  return out.map(one => one.trim()).filter(one => /[\p{L}\p{N}]/u.test(one))
}

const warning =
  /\b(?:may|might|could) (?:also )?(?:contain|have|be (?:present|contaminated|affected|in contact))\b|\bpossibl[ey] (?:allergens?|traces?|presence|contamina\p{L}*)|\b(?:is|are) (?:also )?(?:present|used|handled|processed)\b|\btraces?\b|\b(?:produced|made|manufactured|packed|prepared|processed|handled|bottled|milled|stored|grown)\b[^.]*?\b(?:in|on|at|with|near|alongside)\b[^.]*?\b(?:handl|us(?:es|ed|ing)|process|contain|stor|pack|same|also|shared|with)|\bshared (?:equipment|lines?|facilit)|\b(?:made|produced|baked|packed|prepared|stored|milled|cooked|fried|roasted) (?:alongside|beside|next to|near)\b|\bshares?\b[^.]{0,30}\b(?:lines?|equipment|ovens?|fryers?|oil|site|factory|kitchen|room|mixers?|trays?|tins?)\b|\b(?:same|shared) (?:lines?|equipment|site|factory|kitchen|room|oven|fryer|oil) (?:as|with)\b|\b(?:can(?:not| not|['’]t)|could(?: not|n['’]t)|(?:do|does|is|are|has|have) not|don['’]t|doesn['’]t|unable to) (?:be )?(?:been )?(?:able to )?(?:guarantee|confirm|exclude|rule|ensure|say|verif|promise|know|tested|checked|sure|vouch)|\b(?:not|never|un) ?(?:been )?tested\b|\bother (?:products?|cakes?|bars?|lines?|items?|recipes?|goods)\b|\b(?:is|are) shared\b|\b(?:lines?|equipment|ovens?|mixers?|mills?|machines?|fryers?|benches|trays) shared\b|\b(?:lines?|ovens?|mixers?|mills?|machines?|fryers?)\b[^.]{0,24}\b(?:runs?|carr(?:y|ies)|makes?|bakes?|packs?|sees?|takes?|does|fries|grinds?|mills)\b(?![^.]*:)|\b(?:which|that|who) (?:also )?(?:runs?|carr(?:y|ies)|packs?|bakes?|fries|grinds?|mills|sees?)\b|\balso (?:handled|made|packed|stored|processed|baked)\b|\bcross[- ]contamin|\bcross[- ]contact|\bhandles\b|\b(?:not |un)suitable for\b|\b(?:is|are) not [\p{L} -]{0,20}?free (?:from|of)\b|\b(?:not|never) (?:recommended |safe |intended |meant )?(?:for|to be (?:eaten|consumed) by)\b(?=[^.]*\b(?:allerg|coeliac|celiac|intoleran|sensitiv|avoid|vegan|suffer))|\b(?:avoid|unsafe)\b[^.]{0,20}\b(?:if|for|by)\b|\brisk of\b|\ballergens?\b[^.:]{0,30}\b(?:on site|(?:in|on|at) (?:the|our|this|that|a|same|the same) (?:\p{L}+ )?(?:factory|site|premises|lines?|kitchen|bakery|mill|facility|building|plant))\b/iu
/** "no guarantee of being milk free": nobody vouches for it. */
const withoutProof = new RegExp(`\\b(?:no|without|not a|nor a) (?:\\p{L}+ )?(?:${proof})(?!\\p{L})`, 'iu')
/** "We also bake with both", "our bakery uses them": of what was named before, whatever is done with it. */
const ofThose =
  /^(?:[(]|(?:but|and|although|though|however|note|please note)[,:]? )*(?:we|they|our|the|this|it)\b(?![^.]*\b(?:not|never|no|none|neither|n['’]t|without|free)\b)[^.]{0,60}\b(?:both|them|these|those|either)\b/iu
const isOfThose = (sentence: string): boolean => ofThose.test(sentence) && !namesFood(sentence)
const isWarning = (sentence: string): boolean =>
  warning.test(sentence) || withoutProof.test(sentence) || isOfThose(sentence)
/**
 * "Made on lines where milk chocolate is made": a place shared, in whatever words. Only a plain promise of absence
 * ("free from nuts", "with no nuts", "does not handle nuts") is none.
 */
const sharedPlace =
  /^(?!.*\b(?:free from|free of|(?:does|do) not (?:contain|handle|use|process|store)|without|with no|never (?:handles|uses))\b)(?:[^.]*\b)?(?:made|produced|manufactured|packed|prepared|baked|milled|bottled)\b[^.]*\b(?:where|(?:in|on|at)\b[^.]*\b(?:lines?|equipment|machines?|site|factory|facilit(?:y|ies)|plant|kitchen|bakery|premises|mill))\b/i
/** Where food is made, and what is done with food there that is not in this one. */
const place =
  /\b(?:sites?|factor(?:y|ies)|facilit(?:y|ies)|plants?|premises|kitchens?|bakery|mills?|lines?|equipment|machine(?:s|ry)?|rooms?|environments?|buildings?|warehouses?|works|units?|areas?|silos?|stones|orchards?|fields?|farms?|trucks?|containers?|here)\b/i
const besides = /\b(?:also|same|shared?|other|near(?:by)?|alongside|handl\w+|stor(?:e|es|ed|ing)|process\w*|present)\b/i
/** "Milk used is from our farm" tells of the milk that is in it; "Our kitchen uses milk" does not. */
const ofTheHouse =
  /^(?:(?:caution|note|warning|please note|nb)[:,]? )?(?:we|our|the|this|site|same|factory|facility|plant)\b[^.]*\b(?:us(?:e|es|ing)|pack(?:s|ing)?|keeps?|makes?|bakes?|runs?)\b/i
/** "produced alongside mustard", "is packed in a site using sesame" */
const nearby =
  /^(?:(?:it|this) )?(?:is |are |was )?(?:made|produced|manufactured|packed|prepared|baked|milled|bottled|handled|stored)\b[^.]*\b(?:alongside|next to|near|beside|with other|(?:site|factory|facility|kitchen|bakery|line|lines|equipment|mill|room|place)\b[^.]*\b(?:us|handl|stor|process|contain|pack|mak|bak)\w*)\b/i
const promisesNone = /\b(?:free from|free of|[- ]free|(?:does|do|is|are) not|without|with no|no|nothing|never|none)\b/i
/** "Site also stores wheat flour", "Lupin: handled on site": whatever the words, of a place and of something done there. */
const tellsOfPlace = (sentence: string): boolean =>
  place.test(sentence) && (besides.test(sentence) || ofTheHouse.test(sentence)) && !promisesNone.test(sentence)
/** Beyond this a sentence is read as a list: what it names then counts as contained, the safer side. */
const longestWarning = 1200
/** "Gluten free oats" is a thing, "gluten free" a promise. */
const freeThing = /[- ]free (?!from|of|range|product|recipe|and|but|except|apart|other than|save|diets?)\p{L}+/iu
const absence =
  /^(?:[^.]*\b(?:free from|free of|does not contain|contains no(?! (?:more|less|fewer)\b)|without)\b|[\p{L} ,&/-]+[- ]free\b|suitable for|no\b)/iu
const box =
  /^(?:(?:allerg(?:en|y)[\p{L} ]*:?\s*)?(?:this product |this |it )?contains?\b:?\s+|allergens?(?: present)?:\s+|(?:present|in it|used|yes)\s*:\s+)/iu
const seesElsewhere = /\bsee (?:the )?ingredients\b|\bin bold\b|\bhighlighted\b/i

/** "to avoid cross contact with wheat": nobody avoids what is not there. */
const warningInside =
  /\b(?:may|might|could) (?:also )?(?:contain|be (?:present|contaminated)|have traces)\b|\btraces? of\b|\b(?:avoid|prevent|minimi[sz]e|reduce|exclude)\w*\b[^.,;()]{0,40}\bcontamination\b|\b(?:avoid|prevent|minimi[sz]e|reduce|exclude)\w*\b[^.,;()]{0,40}\bcross[- ]?contact\b|\ballergens?\b[^.:]{0,30}\b(?:on site|(?:in|on|at) (?:the|our|this|that|a|same|the same) (?:\p{L}+ )?(?:factory|site|premises|lines?|kitchen|bakery|mill|facility|building|plant))\b/iu
/** Where a warning begins in the middle of something else, in any tongue, and whether in English; null where none does. */
function warns(text: string): { at: number; english: boolean } | null {
  const own = warningInside.exec(text)
  foreignMay.lastIndex = 0
  const foreign = foreignMay.exec(plainLetters(text))
  if (own && !(foreign && foreign.index < own.index)) return { at: own.index, english: true }
  return foreign && { at: foreign.index, english: false }
}

/** Cuts what warns out of a list, in brackets or behind a comma: what is left of the list, and the warnings. */
function cutWarnings(sentence: string): { list: string; may: string[] } {
  const may: string[] = []
  let list = ''
  let rest = sentence
  for (;;) {
    const cue = warns(rest)
    if (!cue) return { list: list + rest, may }
    const { at } = cue
    const { from, to, depth } = around(rest, at)
    const head = rest.slice(from, at)
    const comma = Math.max(
      head.lastIndexOf(','),
      head.lastIndexOf(';'),
      head.lastIndexOf(' - '),
      head.lastIndexOf(' – '),
    )
    // at the head of a bracket, or behind a comma; else the whole sentence speaks of it
    if (
      (comma < 0 && depth === 0) ||
      head
        .slice(comma + 1)
        .trim()
        .split(/\s+/).length > 4
    )
      return { list: list + rest, may }
    const start = comma < 0 ? from : from + comma
    const said = rest.slice(start, to).replace(/^[\s,;–-]+/, '')
    const { scope, goesOn } = cue.english ? scopeOf(said) : endedByVerb(said)
    may.push(scope)
    const [before, after] = [rest.slice(0, start), rest.slice(to)]
    // nothing left in the bracket: it goes
    const empty = depth > 0 && comma < 0 && goesOn === ''
    list += empty ? before.replace(/\s*[([{]$/, '') : before
    rest = empty ? after.slice(1) : (goesOn && (comma < 0 ? goesOn : `, ${goesOn}`)) + after
  }
}
/** "kann Milch enthalten, Zucker": where the verb stands last, it ends the warning. */
function endedByVerb(said: string): { scope: string; goesOn: string } {
  const verb = /\b(?:enthalten|bevatten)\s*[,;]\s*/i.exec(said)
  if (!verb) return { scope: said, goesOn: '' }
  const ends = verb.index + verb[0].length
  return { scope: said.slice(0, ends).replace(/[,;\s]+$/, ''), goesOn: said.slice(ends) }
}

const promise =
  /\b(?:(?:(?:statement|declaration|confirmation|proof) of )?absence of(?: any)?:?|(?:statement|declaration|confirmation) of absence(?=\s*:)|free (?:from|of)|contains? no(?! (?:more|less|fewer)\b)(?:ne of)?|does not contain(?: any)?|without(?: any)?|no added|(?:absent|not (?:present|used|contained|added|in it)|excluded)(?=\s*:))[: ]+/i

/**
 * A promise of absence, and what of its sentence is the list: "Hazelnut paste free from milk" is hazelnut paste, and "Free from
 * dairy, soya, peanut oil" goes on with the oil. Null where no promise stands before the first comma.
 */
function promised(sentence: string): { other: string; list: string[]; doubts: string[] } | null {
  const cue = promise.exec(sentence)
  const before = sentence.slice(0, cue?.index).trim()
  if (!cue || before.includes(',')) return null
  const said = sentence.slice(cue.index + cue[0].length)
  const thing = namesFood(before)
  // "Milk chocolate free from nuts (sugar, whey)": the bracket is of the chocolate
  const bracket = thing ? said.search(/[([{]/) : -1
  if (bracket >= 0)
    return { other: `${cue[0]}${said.slice(0, bracket)}`, list: [`${before} ${said.slice(bracket)}`], doubts: [] }
  // "No added sugar hazelnut spread": one word is denied, the rest is the thing
  const added = /^no added/i.test(cue[0]) ? /^(\p{L}+)\s+(?!(?:and|or|nor)\b)(\p{L}.*)$/iu.exec(said) : null
  if (added && namesFood(added[2]!)) return { other: cue[0] + added[1]!, list: [added[2]!], doubts: [] }
  const { scope, goesOn } = scopeOf(said)
  return {
    other: sentence.slice(thing ? cue.index : 0, cue.index + cue[0].length) + scope,
    list: [...(thing ? [before] : []), ...(goesOn ? [goesOn] : [])],
    doubts: goesOn ? [endsDoubt(cue[0], goesOn)] : [],
  }
}
const endsDoubt = (cue: string, goesOn: string): string =>
  `It says “${cue.trim()}” and goes on: read as ending before “${goesOn.split(/[,;.]/)[0]!.trim()}”. Check where the promise ends.`

/** Where a warning may begin behind what is in it; behind a comma only where a share says that it is. */
const beforeAside = /;\s+(?![^()]*\))|\s[-–—]\s+(?![^()]*\))|\s*\((?=[^()]{12,}\)[.\s]*$)|(?<=%\)?),\s+(?![^()]*\))/g
/** "Hazelnuts, milk; peanut cross contact possible": what is in it, before what warns. */
function beforeWarning(sentence: string): string[] {
  if (sentence.length > longestWarning || answered(sentence)) return [sentence]
  const warnsOf = (text: string) => isWarning(text) || tellsOfPlace(text) || sharedPlace.test(text) || nearby.test(text)
  for (const { 0: sign, index } of sentence.matchAll(beforeAside)) {
    const said = sentence.slice(0, index)
    if (warnsOf(said)) break
    const warned = sentence.slice(index + sign.length)
    if (namesFood(said) && warnsOf(warned.split(beforeAside)[0]!))
      return [said, warned.replace(/\)(?=[.\s]*$)/, sign.includes('(') ? '' : ')')]
  }
  return [sentence]
}

/** Every clause of a statement, already in one spelling. */
export function clausesOf(body: string): Clauses {
  const found: Clauses = { list: [], contains: [], may: [], other: [], untold: [], doubts: [] }
  const all = answersIn(body)
  if (all) return { ...found, ...all }
  for (const whole of sentences(body)
    .flatMap(sentence => (answered(sentence) ? [sentence] : toldApart(sentence)))
    .flatMap(beforeWarning)) {
    const table = answered(whole)
    if (table) {
      for (const kind of ['contains', 'may', 'other'] as const) found[kind].push(...table[kind])
      continue
    }
    const cut = cutWarnings(whole)
    found.may.push(...cut.may)
    if (/[\p{L}\p{N}]/u.test(cut.list)) file(cut.list, found)
  }
  // "Nut free recipe. May contain traces.": of what was promised, as it names nothing itself
  if (found.may.some(one => ofAllBefore.test(one) || (ofWhatever.test(one) && !namesFood(one))))
    found.may.push(...found.other.map(one => one.replace(denying, ' ')).filter(namesFood))
  for (const promise of found.other) (place.test(promise) ? found.may : found.contains).push(...keptFrom(promise))
  return found
}
/** "… or egg and both are handled here" */
const ofAllBefore = /\band (?:both|these|those|they|all)\b/iu
const ofWhatever =
  /\b(?:both|them|they|these|those|it|either|traces?|cross[- ]?cont\p{L}+|contaminat\p{L}+|guarantee\p{L}*|cannot|shared?|same)\b/iu
const denying =
  /\b(?:free (?:from|of)|contains? no(?! (?:more|less|fewer)\b)(?:ne of)?|does not contain|without|with no|no|not|never|none)\b|[- ]free\b/giu
/** "Dairy-free (contains casein)", "nut free apart from almond": what a promise itself takes out of what it promises. */
const takenOut =
  /(?:(?<!\b(?:not|never|or|nor) |\bnothing(?: \p{L}+){0,3} |n['’]t )\bcontains?:? (?!no\b|none\b|neither\b|less\b|\d|nothing\b)|\b(?:other than|except(?:ing)?(?: for)?|apart from|aside from|save for|with the exception of)\b)([^.]+)/giu
const keptFrom = (promise: string): string[] =>
  [...promise.matchAll(takenOut)].map(([, what]) => what!.replace(/[)\]]+\s*$/, '').trim()).filter(namesFood)

/** "Carrier: lactose": what it is there for, and what it is; no advice and no warning. */
const labelled =
  /^(?!.{0,30}\b(?:stor|serv|keep|allerg|advi|caution|warn|note|trace|shar|may|tip)\p{L}*.{0,30}:)[\p{L} -]{3,30}:\s*\S/iu
const weUse =
  /^(?:we|(?:our|the|this) (?:kitchen|site|factory|bakery|plant|facility|premises|line|mill)|site|factory|facility)\b[^.]*\b(?:us(?:e|es|ing)|handl\p{L}*|pack\p{L}*|keep\p{L}*|stor\p{L}*|process\p{L}*|ha(?:s|ve))\b/iu
/** "although oats are used": it is in it, and nobody speaks of a place. */
const isInIt = (sentence: string): boolean => {
  const said = /^(.{2,80}?) (?:is|are) (?:used|added|included|present)\s*[.!]?$/i.exec(sentence)
  return (
    said !== null &&
    !/\b(?:where|that|which|when|packed|produced|handled)\b/i.test(sentence) &&
    said[1]!
      .split(/,|\s(?:and|or|&)\s/)
      .every(one => bareName.test(one.trim()) || (namesFood(one) && /^\s*(?:[\p{L}’'-]+\s*){1,4}$/u.test(one)))
  )
}
/** "Walnuts are not handled here", "We never use milk", "Nuts: none": a promise, and proof of nothing. Any other "not" promises nothing. */
const deniesUse =
  /\b(?:(?:is|are|was|were|do|does|did|has|have|will)(?: not|n['’]t)|never|neither)\b(?! (?:guarantee|promise|claim|rule|exclude|suitable|for|safe|recommended|free|only))[^.;]*\b(?:contain\p{L}*|us(?:e|es|ed|ing)|handl\p{L}*|process\p{L}*|stor(?:e|es|ed|ing)|includ\p{L}*|present|add(?:s|ed)?|keep|kept|ma(?:k|d)e|bak(?:e|ed|es)|ingredients?|allow\p{L}*|permit\p{L}*|br(?:ing|ought)|enters?|found|detect\p{L}*|tested)\b|\b(?:none|nil)\b|\bnothing\b[^.;]*\b(?:contains?|has)\b/iu
/** "Made with butter", "It has egg in it", "Nuts are an ingredient": it is in it, and no place is spoken of. */
const isMadeWith =
  /^(?:(?:it|this|they|this product|the product|which|we) )?(?:also )?(?:(?:is|are) )?(?:made|baked|prepared|sweetened|thickened|enriched|glazed|coated|topped|filled|flavou?red) (?:it |them )?(?:with|from|of|using) (?!no\b|care|love|out)|^(?:it|this|this product|the product|which) (?:has|have) (?!no\b|not\b|never\b|been\b)/iu
const theCake =
  '(?:(?:this|the|our|every|each) )?(?:recipe|product|cake|bake|bar|mix|blend|dough|batter|filling|it|them)s?'
const anIngredient = new RegExp(
  `^(.{2,80}?) (?:(?:is|are) (?:also )?(?:an? )?(?:[\\p{L}]+ )?ingredients?\\b|(?:(?:is|are) )?present(?: in ${theCake})?[.!]?$|(?:is|are) (?:also )?(?:used|contained|included) in ${theCake}\\b)|^ingredients? includes? (.+)$|^(?:we|i) (?:also )?(?:use|add|put) (.+?) (?:in|to|into) ${theCake}[.!]?$`,
  'iu',
)
const saidToBeIn = (sentence: string): string | null => {
  if (place.test(sentence) || /\bmay\b|\btraces?\b|\bcross\b/i.test(sentence) || promisesNone.test(sentence))
    return null
  const cue = isMadeWith.exec(sentence)
  if (cue) return isWarning(sentence) ? null : sentence.slice(cue[0].length)
  if (sharedPlace.test(sentence) || nearby.test(sentence)) return null
  return anIngredient.exec(sentence)?.slice(1).find(Boolean) ?? null
}
/** "Almonds, milk and egg are handled in the same factory." */
const endsInPlace =
  /\b(?:is|are) (?:also )?(?:present|handled|stored|processed|used|made|packed)\b[^,;]*\b(?:on|in|at|here|there|nearby)\b(?![^,;]*\b(?:recipe|product|cake|bake|mix)s?\b)[^,;]*$/iu
/** "We do not use milk, eggs or nuts", "milk, eggs and nuts are not used": all that is named is denied, and nothing else stands there. */
const deniesAll = (sentence: string): boolean => {
  const cue = deniesUse.exec(sentence)
  if (!cue) return false
  const before = sentence.slice(0, cue.index)
  return (
    !/,/.test(sentence) ||
    (/,/.test(before) ? bareNames(before) && !/,/.test(cue[0]) : scopeOf(sentence.slice(cue.index)).goesOn === '')
  )
}
const bareNames = (text: string): boolean =>
  text.split(/[,;]|\s(?:and|or|nor|&|plus)\s/i).every(one => one.trim() === '' || bareName.test(one.trim()))
const half =
  "(?:none of|(?:not|never|isn['’]t|aren['’]t|wasn['’]t)(?! (?:only|just))(?: [\\p{L}]+){0,5}(?= [\\p{L}]+[- ]free(?![\\p{L}]))|not (?:all|every|each|always|entirely|completely|totally|yet)|hardly|barely|scarcely|almost|nearly|virtually|practically|mostly|largely|generally|usually|normally|typically|only (?:the(?! (?:best|finest|purest))|some|our|one|this)|(?:few|some|most|many) of|(?:should|ought to|could|might) be|believed|thought to|assumed|supposed|aims? to|intend\\p{L}* to|tr(?:y|ies) to|hopes? to|striv\\p{L}*|as far as|(?:to the best of )?our knowledge|(?:we|they) (?:think|believe|assume)|probably|presumably|likely|(?:was|were)(?= (?:once |previously |formerly )?(?:free|[\\p{L}]+[- ]free))|no longer|formerly|previously|used to be|until|unless|where(?:ver)? possible)"
const promises =
  "(?:free (?:from|of)\\b|[\\p{L}]+[- ]free\\b|contains? no\\b|(?:does|do)(?: not|n['’]t) contain\\b|without\\b)"
/** Said of some, of once, of what is hoped or asked: "should be free from nuts", "free from egg as far as we know", "free from milk?". */
const halfPromise = new RegExp(
  `(?<![\\p{L}])(?:${half}(?![\\p{L}])[^.;]*${promises}|${promises}[^.;]*(?<![\\p{L}])${half}(?![\\p{L}])|${promises}[^.;]*\\?\\s*$)`,
  'iu',
)
/** One sentence put where it belongs. */
function file(sentence: string, found: Clauses): void {
  const { list } = found
  const plain = plainLetters(sentence)
  const foreign = (pattern: RegExp) => {
    pattern.lastIndex = 0
    return pattern.exec(plain)
  }
  // "Allergens: see ingredients in bold" names none
  if (seesElsewhere.test(sentence) && !/^[^.]*,/.test(sentence.replace(/see.*$/i, ''))) {
    found.other.push(sentence)
    return
  }
  // "almost free from milk", "none of our sites are nut free": half a promise is none
  if (sentence.length <= longestWarning && halfPromise.test(sentence)) {
    const named = sentence.replace(denying, ' ')
    if (namesFood(named)) {
      found.may.push(named)
      return
    }
  }
  const made = saidToBeIn(sentence)
  if (made) {
    found.contains.push(made)
    return
  }
  const short = sentence.length <= longestWarning
  // something of the statement stands before it: then it does not begin the list
  const begun = [list, found.other, found.contains, found.may].some(all => all.length > 0)
  // "We use milk, eggs and nuts in this kitchen" lists nothing that is in it
  const house = weUse.test(sentence)
  if (
    short &&
    (isWarning(sentence) ||
      (house && tellsOfPlace(sentence)) ||
      (begun && (sharedPlace.test(sentence) || nearby.test(sentence) || tellsOfPlace(sentence)))) &&
    (begun ||
      house ||
      isOfThose(sentence) ||
      !/,/.test(sentence) ||
      endsInPlace.test(sentence) ||
      /^(?:(?:it|this|they|product|this product|the product|please note:?|note:?|caution:?|warning:?|also|is|are) )*(?:may|might|could|produced|made (?!with|from|of)|packed|manufactured|processed|prepared|baked|milled|ground|bottled|filled|stored|handled|grown|traces|not (?:suitable|tested|for)|untested|unsuitable|cross|shares?|same|avoid|risk|possible|allergens? on|also|our other|equipment|other|cannot|can['’]t|unable|the supplier|the maker|we (?:cannot|can['’]t|do not|don['’]t))\b/i.test(
        sentence,
      ))
  ) {
    if (isInIt(sentence)) found.contains.push(sentence)
    else found.may.push(sentence)
    return
  }
  const own = foreign(foreignMay)
  if (short && own && !plain.slice(0, own.index).includes(',')) {
    found.may.push(sentence)
    return
  }
  const without = promised(sentence)
  if (without) {
    found.other.push(without.other)
    found.doubts.push(...without.doubts)
    list.push(...without.list)
    return
  }
  const denies = foreign(foreignWithout)
  if (denies && denies.index === 0 && list.length > 0) {
    // only the next word is sure to be denied
    const comma = sentence.search(/[,;]/)
    found.other.push(comma < 0 ? sentence : sentence.slice(0, comma))
    if (comma >= 0) {
      const goesOn = sentence.slice(comma + 1).trim()
      list.push(goesOn)
      found.doubts.push(endsDoubt(sentence.slice(0, denies[0].length), goesOn))
    }
    return
  }
  if (
    box.test(sentence) &&
    !/^contains?:?\s*(?:2 ?%|less)/i.test(sentence) &&
    (list.length > 0 || /^allerg|:/i.test(sentence) || !/,/.test(sentence))
  ) {
    if (!/^allergens?:\s*(?:none|no|nil)\b/i.test(sentence)) found.contains.push(sentence.replace(box, ''))
    else found.other.push(sentence)
    return
  }
  const says = foreign(foreignContains)
  if (says && says.index === 0 && list.length > 0) {
    found.contains.push(sentence.slice(says[0].length))
    return
  }
  if (
    absence.test(sentence) &&
    !(list.length === 0 && freeThing.test(sentence)) &&
    (list.length > 0 || !/,/.test(sentence.replace(/free (?:from|of).*$/i, '')))
  ) {
    // a list that ends in a promise: the list is still a list
    const before = /^(.*?,.*?),\s*(?:free from|free of|contains no)\b.*$/i.exec(sentence)
    if (before && list.length === 0) list.push(before[1]!)
    else found.other.push(sentence)
    return
  }
  if (deniesAll(sentence)) {
    found.other.push(sentence)
    return
  }
  if (
    list.length === 0 ||
    (/,/.test(sentence) && !/\b(?:store|keep|best before|once opened|serve)\b/i.test(sentence))
  ) {
    const ends = /^(.+?),\s*(?:free from|free of|contains no)\b.*$/i.exec(sentence)
    if (ends) found.other.push(sentence.slice(ends[1]!.length + 1).trim())
    list.push((ends ? ends[1]! : sentence).replace(/^contains:?\s*(?:2 ?%|less than 2 ?%)[^:]*(?::| of)\s*/i, ''))
    return
  }
  // "Carrier: lactose." behind a full stop goes on with the list
  if (labelled.test(sentence) && namesFood(sentence)) {
    list.push(sentence)
    return
  }
  // "Mustard seed in the seasoning 0.2 %." has a share in it
  if (/\d\s?%/.test(sentence) && !/\b(?:less|than|under|below|free|daily)\b/i.test(sentence) && namesFood(sentence)) {
    list.push(sentence)
    return
  }
  found.other.push(sentence)
  if (!deniesUse.test(sentence)) found.untold.push(sentence)
}
