// How far a warning or a promise reaches in the list behind it.
/** A name by itself that a promise of absence may list: an allergen, a group, what people avoid. */
export const bareName =
  /^(?:(?:and|or|any|all|added|other|the|artificial|traces? of|also|both|animal|cow['’]?s|hen['’]?s|goat['’]?s|may contain|hydrogenated) )*(?:(?:tree |pea|ground|hazel|wal|brazil |cashew |pine |macadamia )?nuts?|milk|dairy|lactose|casein|eggs?|wheat|gluten|soya?|soybeans?|sesame(?: seeds?)?|celery|mustard|lupins?|fish|shellfish|crustaceans?|mollus[ck]s?|sul(?:ph|f)ites?|sul(?:ph|f)ur dioxide|so2|rye|barley|oats?|almonds?|hazelnuts?|cashews?|pecans?|pistachios?|macadamias?|coconut|cereals?(?: containing gluten)?|colou?rs?|colou?rings?|flavou?rs?|flavou?rings?|preservatives?|additives?|sweeteners?|gmos?|gm|products?|fats?|meat|gelatine?|caffeine|alcohol|allergens?)(?: (?:products?|ingredients?|proteins?|derivatives?|traces?|allergens?|seeds?|solids|and|or))*$/i
/** These too, where nothing of a list follows. */
const avoided =
  /^(?:(?:and|or|any|added|refined) )*(?:sugars?|salt|yeast|corn|maize|palm oil|palm fat|starch|egg whites?)$/i
/** What a warning or a promise speaks of: it ends where something begins that nobody avoids by its name. The first thing is always its own. */
export function scopeOf(said: string): { scope: string; goesOn: string } {
  const items = said.split(/(?=[,;])/)
  const names = (item: string) =>
    item
      .replace(/[()[\]{}]/g, ' ')
      .replace(/^[,;\s]+|[.\s]+$/g, '')
      .split(/\s+(?:and|or|&|nor)\s+|\s*\/\s*/i)
  const isBare = (item: string) => names(item).every(one => bareName.test(one))
  const mayEnd = (item: string) => names(item).every(one => bareName.test(one) || avoided.test(one))
  let ends = items.findIndex((item, at) => at > 0 && !mayEnd(item))
  if (ends < 0) return { scope: said, goesOn: '' }
  while (ends > 1 && !isBare(items[ends - 1]!)) ends--
  const goesOn = items.slice(ends).join('')
  return { scope: items.slice(0, ends).join(''), goesOn: goesOn.replace(/^[,;\s]+/, '') }
}
