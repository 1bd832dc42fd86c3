// A part of a thing, said before the amount or before the thing: "zest of 2 limes", "the liquid from a tin of chickpeas".

/** How it is got, then the part: zest, juice and rind as they stand, seeds and liquid only with "of" or "from". */
export const partOf =
  /^(?:the )?((?:(?:finely grated|grated|freshly squeezed|fresh|strained|drained|pared|finely) )*)(?:((?:zest|rind|peel)(?: (?:and|&|\+) juice)?|juice(?: (?:and|&|\+) (?:(?:finely )?grated )?(?:zest|rind|peel))?)(?: of| from)?|(seeds?|liquid|brine|flesh|pulp|(?:solid|thick|creamy) part) (?:scraped |taken )?(?:of|from|in))(?: the)? /i
