// Words that tell somebody to do something, and words that may as well name a thing.

const opening =
  '(?:first|then|next|finally|meanwhile|now|while|when|once|after|if|in|on|with|using|until|gently|carefully|lightly)'
/** Words that only tell somebody to do something. */
const deeds =
  'pre-?heat|heat|mix|stir|whisk|beat|fold|add|pour|bake|line|grease|sift|melt|chill|leave|cool|cut|spread|sprinkle|roll|press|place|put|combine|bring|simmer|boil|soak|drain|knead|shape|divide|spoon|brush|remove|turn|transfer|serve|slice|store|keep|toast|prepare|make|weigh|grind|whizz|blitz|drizzle|scatter|decorate|allow|let|cover|wrap|check|test|tip|scrape|repeat|lay|cook|crush|whip|grate|chop|peel|strain|sieve|reserve|loosen|dot|swirl|freeze|thaw|rub|work|gather|form|flatten|prick|trim|fill|pipe|dip|dissolve|reduce|return|refrigerate|microwave|infuse|pulse|scoop|rotate|invert|fry|start|begin|bung|chuck|fridge|squash|mash|push|stick it|shove|stew'
/** Words that may as well name a thing. */
const things =
  'finish|dust|cream|rest|set|blend|top|spray|warm|(?:butter|flour)(?= (?:(?:small |large |deep )?(?:tins?|pans?|trays?|dish(?:es)?|moulds?|bench)|the|an?|your|two|three|both|each|\\d|and (?:base[- ])?(?:line|flour)|well|generously|lightly)\\b)'
/** Begins with any of them, or with what opens a step. */
export const startsDeed = new RegExp(`^(?:${opening}\\b|(?:${deeds}|${things})\\b)`, 'i')
export const clearDeed = new RegExp(`^(?:${deeds})\\b`, 'i')
/** Begins with a word that only tells somebody to do something. */
export const clearlyDeed = (row: string): boolean => clearDeed.test(row)

const told = `(?:${deeds}|rub in|stir (?:in|through|thru)|fold in|beat in|mix in|weigh out|put in)(?: together| up| out)?`
const needs = '(?:takes?|needs?|wants?|uses?|calls for|has|have|gets?|goes?|comes?|is|are)'
/** Alone or behind what opens a sentence; "bread mix" and "plant spread" are things. */
const leads = [
  new RegExp(`^${told}$`, 'i'),
  new RegExp(
    `^(?:for|to|in(?:to)?|on(?:to)?|over|the|it|we|i|you|they|then|first|now|next|and|so|please)\\b.*(?<!\\bto )\\b(?:${told}|(?<=\\b(?:first|then|next|now|and) )(?:${things}))$`,
    'i',
  ),
  new RegExp(`^.*\\b${needs}$`, 'i'),
]
/** "The cake takes", "For the syrup boil", "sift": what stands before an amount, and is no name of what is measured. */
export const leadsIn = (before: string): boolean => leads.some(one => one.test(before.trim()))
