// Text with what says nothing taken out of it: what is denied, and what only sounds like something else.

/** Matches whole words of any tongue, without regard to case. */
export const bound = (source: string): RegExp => new RegExp(`(?<![\\p{L}\\p{N}])(?:${source})(?![\\p{L}\\p{N}])`, 'giu')

/** As many blanks as the phrase is long, so that all else keeps its place. */
export const blank = (phrase: string): string => ' '.repeat(phrase.length)

/** What is named where it is left out, and hardly where it goes in: "dairy and gluten free", but "milk and gluten free flour". */
const leftOut = 'gluten|dairy|lactose|casein|nut|tree ?nut|peanut|soya?|grain|allergen|refined sugar'
/** "gluten-free", "milk- and egg-free", "gluten, dairy and nut free", "egg/dairy free". */
const isFree = [
  // each but the last with its stroke: "milk- and egg-free"
  '(?:[\\p{L}]+-(?:, ?| and | or | & |\\/)){1,12}[\\p{L}]+[- ]free',
  `(?:(?:${leftOut}), ?){0,12}(?:${leftOut})(?: and | & |, and |\\/)(?:(?:${leftOut})\\/){0,12}[\\p{L}]+[- ]free`,
  // all that a clause says: "Egg and dairy free."
  '(?<=^\\s{0,9}|[.;:(\\n]\\s{0,9})[\\p{L}]+(?: [\\p{L}]+)?(?:(?:, | and | & |, and |\\/)[\\p{L}]+(?: [\\p{L}]+)?){1,12}[- ]free(?=\\s{0,9}(?:$|[.;)\\n]))',
  '[\\p{L}]+[- ]free',
]
  .map(one => `${one}(?! (?:from|of)(?![\\p{L}]))(?![\\p{L}]|[- ]rang)`)
  .join('|')

/** Behind "no" it is not a thing that is denied: "no more than 20 g butter", "no fuss butter cake", "without the milk boiling". */
const noThing =
  '(?:more|less|extra|plenty|lots?|some|fewer|longer|later|matter|needs?|doubt|bake|knead|churn|cook|fuss|mess|waste|nonsense|frills|lumps?|streaks?|bits?|clumps?|pools?|sign|substitutes?|replacements?|others?|one|thanks?|problem|way|wonder|idea|point|time|room|fail|hope|question|sooner|the|these|those|that|this|your|my|our|his|her|its?|them|a|an|\\d[\\d.,]*|[\\p{L}]+ing)(?![\\p{L}])'
/** Something else is done or said: there a denial ends. */
const goesOn =
  '(?:but|except\\p{L}*|apart|besides|unless|other|save|contains?|then|use|using|add|fold|stir|mix|brush|top|scatter|sprinkle|serve|spread|pour|beat|whisk|melt|rub|before|until|till|while|because|if|when|so|have|has|replace|try|with|just|only|is|are|was|should|may|can|in|on|to)(?![\\p{L}])'
const word = `(?!${goesOn}|(?:and|or|nor)(?![\\p{L}]))[\\p{L}\\p{N}][\\p{L}\\p{N}'’%-]*`
const item = `(?!${noThing})${word}(?:[ \\u00a0]${word}){0,4}(?: ?\\([^()]{0,60}\\))?`
/** "milk, egg and soya": closed by its last; a comma without one begins something else. */
const closedList = `${item}(?:(?:, ?${item}){0,12},? ?(?:and|or|nor|&|\\/) ?${item}){0,3}`
/** Behind "free from" nothing else stands but what it is free from. */
const openList = `(?:any )?${item}(?:(?:, ?(?:and |or )?| and | or | & | ?\\/ ?)${item}){0,20}`

/** "Milk: no Oats: yes": the name of the next row of a table, and nothing that is denied. */
const nextRow = ' ?[:=] ?(?:yes|no|y|n|none|present|absent|traces?|may|possibl[ey]|unknown|contains|✓|✔|✗)(?![\\p{L}])'

/** "cannot be made without butter", "nothing without cream": then it is there. */
const needed =
  "(?:can(?:not| not|['’]t)|could(?: not|n['’]t)|won['’]t|doesn['’]t|does not|never|nothing|nobody|impossible|incomplete)(?: [\\p{L}]+){0,3} "
/** Behind "no": nobody vouches for what is said then. */
export const proof =
  'guarantees?|promises?|assurances?|proof|certainty|claims?|evidence|way|information|data|statement|answer'
/** "not dairy-free", "we cannot guarantee that it is free from milk": then it may be there. */
const denied =
  `(?:(?:no|without|not a) (?:${proof})(?: [\\p{L}]+){0,6} |` +
  "(?:not|never|isn['’]t|aren['’]t|nor|hardly|barely|almost|nearly|virtually|practically|mostly) (?:[\\p{L}]+ )?|(?:can(?:not| not|['’]t)|could(?: not|n['’]t)|(?:do|does|has|have|is|are) not|don['’]t|doesn['’]t|unable to|hard to) (?:be )?(?:able to )?(?:guaranteed?|promised?|claim(?:ed)?|warrant(?:ed)?|ruled? out|confirm(?:ed)?|excluded?|ensured?|sa(?:y|id)|verif(?:y|ied)|know|tell|stated?|vouch|sure|swear|certain)(?: [\\p{L}]+){0,5} )"
/**
 * "milk-free", "free from milk and egg", "contains no nuts": says it is absent, so it names nothing. What is denied is what stands
 * right behind, and ends where something else is done or said: "if there is no sesame use walnuts" denies no walnuts, and "no
 * artificial colours, milk" no milk.
 */
export const absent = new RegExp(
  `(?<![\\p{L}])(?<!${denied})(?:${isFree}|no added [\\p{L}-]+(?: (?:and|or) [\\p{L}-]+)*|(?:free (?:from|of)|(?:does|do)(?: not|n['’]t) contain|contains? no(?! (?:less|more|fewer)))(?: any)?:? ${openList}|(?:(?<!${needed})without(?: any)?|never any|no(?! added| (?:${proof})(?![\\p{L}]))) ${closedList}(?![\\p{L}\\p{N}]|${nextRow}))`,
  'giu',
)
