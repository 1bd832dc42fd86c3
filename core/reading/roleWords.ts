// Words that say where a line goes: beside it, on top, in the tin, or down the sink.
import type { Role } from '../model/recipe'

const tinWords = '(?:tins?|pans?|trays?|moulds?|molds?|dish|cases?|ramekins?|griddle|basins?|skillet|waffle iron|bowl)'
const kindOfTin =
  '(?:(?:loaf|muffin|cake|bun|tart|pie|roasting|baking|sandwich|springform|bundt|ring|cupcake|brownie|frying|pudding) )?'
const workplace = '(?:bench|board|work ?(?:surface|top)|worktop|counter|table|surface|hands|banneton)'
const topWords = '(?:tops?|topping)'
const release =
  'greas(?:e|ing)|dust(?:ing)?|flouring|lin(?:e|ing)|oiling|buttering|(?:flour|oil|butter)(?= (?:and |the |your |a ))|brush(?:ing)?|roll(?:ing)?(?: it)?(?: out)?|spray(?:ing)?|knead(?:ing)?|shap(?:e|ing)'
const finishing =
  'sprinkl(?:e|ing)|finish(?:ing)?|decorat(?:e|ing|ion)|garnish(?:ing)?|scatter(?:ing)?|drizzl(?:e|ing)|glaz(?:e|ing)|strew(?:ing)?|dredg(?:e|ing)'
const sweetPowder = "(?:icing|powdered|confectioner'?s'?|caster|cocoa|cacao|cinnamon)"

/** What is said first in a line decides; dusting with a sweet powder is a finish. */
export const roleWords: [Role, RegExp][] = [
  [
    'beside',
    /\b(?:(?:to|for) serv(?:e|ing)(?: with)?(?: (?:alongside|at the table))?|to accompany|served with|on the side|alongside|to pass round|to drink|for dipping|(?:for|to) pour(?:ing)?(?: over)?)\b/i,
  ],
  [
    'drained',
    /\b(?:for (?:soaking|blanching|boiling|poaching|rinsing|straining)(?: (?:the \p{L}+|them))?|to (?:soak|blanch|poach|rinse) (?:the \p{L}+|them)|for (?:deep[- ]|shallow[- ])?frying|for (?:the )?(?:water bath|bain-marie|steam(?:ing)?)|to cover(?<=\bwater\b.{0,60}))\b/iu,
  ],
  [
    'finish',
    new RegExp(
      `\\b(?:(?:for|to) (?:(?:(?:go|put|lay|place|press|stick|sit) )?(?:on |over )?(?:the )?top\\b|(?:go )?(?:on |over )?the ${topWords}|on top|${topWords}(?: with)?|${finishing}|the glaze|(?:an? |the )?egg ?wash|(?:cover|coat)(?:ing)?(?! (?:the |your )?${kindOfTin}${tinWords})|(?:crumbl|grat|shav)(?:e|ing) (?:over|on)|roll(?:ing)? (?:\\p{L}+ ){1,2}in)(?: (?:over|on|all over|with|them|each|the (?:cakes?|loaf|buns?|biscuits|cookies|slices)))*(?: (?:the )?(?:tops?))?|as (?:an? )?(?:garnish|decoration|topping)|on top)\\b`,
      'iu',
    ),
  ],
  [
    'finish',
    new RegExp(
      `\\b${sweetPowder}\\b.*\\b(?:for|to) dust(?:ing)?\\b(?: over| on top)?(?! (?:the |your )?${kindOfTin}(?:${tinWords}|${workplace}))|\\b(?:for|to) dust(?:ing)?\\b.*\\b(?:icing|cocoa|cinnamon)\\b`,
      'i',
    ),
  ],
  ['finish', /\b(?:for|to) dust(?:ing)? (?:over |on )?(?:the )?(?:tops?|finished \p{L}+|cake|loaf|loaves|buns?)\b/iu],
  [
    'finish',
    new RegExp(
      `\\b(?:for brushing|to brush)(?: (?:the )?(?:${topWords}|buns?|rolls?|pastry|over|loaf|loaves|dough))?(?! (?:the )?${kindOfTin}${tinWords})\\b`,
      'i',
    ),
  ],
  [
    'release',
    new RegExp(
      `\\b(?:for|to) (?:(?:the |your )?${kindOfTin}(?:${tinWords}|baking sheets?|${workplace})|(?:${release})(?: (?:and \\w+ )?(?:the |your |a )?${kindOfTin}(?:${tinWords}|sheets?|${workplace}))?)\\b`,
      'i',
    ),
  ],
  ['release', /\b(?:release spray|cooking spray|baking spray|non-?stick spray|oil spray|cake release)\b/i],
  [
    'release',
    /\b(?:baking paper|baking parchment|greaseproof|parchment(?: paper)?|paper cases?|(?:muffin|cupcake|bun) cases?)\b/i,
  ],
]

export const saysRole = (text: string): boolean => roleWords.some(([, pattern]) => pattern.test(text))
/** Nothing but words for where it goes. */
export const onlyRole = (text: string): boolean => roleWords.some(([, pattern]) => pattern.exec(text)?.[0] === text)

/** Without any of these no line says where it goes. */
const spoken = /\b(?:for|to|as|on|served?|alongside|sprays?|paper|parchment|greaseproof|release|cases?)\b|\bspray/i
/** "(for the top)" says it; "(keep a few back for the top)" speaks of some of it. */
export const roleIn = (text: string): Role => {
  if (!spoken.test(text)) return 'mix'
  // "half in the batter, half on top" is two uses: see `uses`
  if (/\bhalf\b.*\bhalf\b/i.test(text)) return 'mix'
  const outside = text.replace(/\((?!(?:for|to|optional)\b)[^()]*\)/gi, ' ')
  let first: [Role, number] = ['mix', Number.POSITIVE_INFINITY]
  for (const [role, pattern] of roleWords) {
    const at = outside.search(pattern)
    if (at >= 0 && at < first[1]) first = [role, at]
  }
  return first[0]
}

/** The role that a heading gives to what stands under it, or null. */
export const roleOfHeading = (text: string): Role | null =>
  /^(?:to|for) serv(?:e|ing)|^serve with/i.test(text)
    ? 'beside'
    : /^(?:for|to) (?:the )?(?:tins?|pans?|greas|dust(?:ing)? the tin|line|flour the tin)/i.test(text)
      ? 'release'
      : /^(?:to (?:finish|decorate|top|garnish|sprinkle|glaze|dust|drizzle|scatter)|for (?:the )?(?:top|topping|finish|decoration|sprinkling|dusting|glaz)|(?:for )?(?:the )?(?:glaze|drizzle)$|topping|decoration|finish|garnish)\b/i.test(
            text,
          )
        ? 'finish'
        : null
