// Words that tell somebody to do something, and words that may as well name a thing.

const opening =
  '(?:first|then|next|finally|meanwhile|now|while|when|once|after|if|in|on|with|using|until|gently|carefully|lightly)'
/** Words that only tell somebody to do something. */
const deeds =
  'pre-?heat|heat|mix|stir|whisk|beat|fold|add|pour|bake|line|grease|sift|melt|chill|leave|cool|cut|spread|sprinkle|roll|press|place|put|combine|bring|simmer|boil|soak|drain|knead|shape|divide|spoon|brush|remove|turn|transfer|serve|slice|store|keep|toast|prepare|make|weigh|grind|whizz|blitz|drizzle|scatter|decorate|allow|let|cover|wrap|check|test|tip|scrape|repeat|lay|cook|crush|whip|grate|chop|peel|strain|sieve|reserve|loosen|dot|swirl|freeze|thaw|rub|work|gather|form|flatten|prick|trim|fill|pipe|dip|dissolve|reduce|return|refrigerate|microwave|infuse|pulse|scoop|rotate|invert|fry|start|begin|bung|chuck|fridge|squash|mash|push|stick it|shove|stew'
/** Words that may as well name a thing. */
const things = 'finish|dust|cream|rest|set|blend|top|butter|flour|spray|warm'
/** Begins with any of them, or with what opens a step. */
export const startsDeed = new RegExp(`^(?:${opening}\\b|(?:${deeds}|${things})\\b)`, 'i')
export const clearDeed = new RegExp(`^(?:${deeds})\\b`, 'i')
/** Begins with a word that only tells somebody to do something. */
export const clearlyDeed = (row: string): boolean => clearDeed.test(row)

const endsInDeed = new RegExp(
  `(?<!\\bto )(?:^|(?<=\\s))(?:${deeds}|(?<=\\b(?:first|then|next|now|and) )(?:${things})|rub in|stir (?:in|through|thru)|fold in|beat in|mix in|weigh out|put in|takes?|needs?|wants?|uses?|has|have|gets?|goes|go|calls for|comes?|is|are)(?: together| up| out)?$`,
  'iu',
)
/** "The cake takes", "For the syrup boil", "sift": what stands before an amount, and is no name of what is measured. */
export const leadsIn = (before: string): boolean => endsInDeed.test(before.trim())
