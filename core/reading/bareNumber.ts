// "Flour 250": a number without a unit, of a thing that nobody counts. What it is most likely, and the question that goes with it.
// Common practice, no published source: recipes that leave the unit out are weighed in grams, and poured in millilitres.
import type { UnitCode } from '../model/unit'
import type { ReadLine } from './readLine'

/** Forms that say how it is, and not what is counted. */
const stateOnly = /^(?:white|yolk|melted|grated|ground|desiccated|flaked|rolled|dried|freeze-dried|powdered)$/
/** Counted even where all else is weighed. */
const comesWhole = /\b(?:eggs?|yolks?|whites?|lemons?|limes?|oranges?|apples?|bananas?|pods?)$/i
/** A thousand eggs are grams of egg. */
const mostCounted = 60
/** Never counted: powders, fats, what lies in heaps. The last word decides: chocolate biscuits are counted. */
const heaped =
  /\b(?:flours?|sugars?|butter|margarine|marg|spread|lard|suet|fat|salt|yeast|cocoa|cacao|(?:corn)?starch|cornflour|polenta|oats?|oatmeal|rice|seeds?|powder|chocolate|choc|sultanas|raisins|currants|coconut|husk|gum|xanthan|psyllium|flax|linseed|chia|soda|bicarb|cinnamon|ginger|spice|cheese|yogh?urt|mascarpone|ricotta|quark|honey|syrup|treacle|molasses|jam|paste|tahini|pur[ée]e|crumbs?|flakes|meal|bran|semolina|quinoa|millet|buckwheat|sorghum|teff|tapioca|nibs|chips|drops|peel|redcurrants|blackcurrants)(?: (?:gf|df|mix|blend))*$/i
const poured =
  /\b(?:milk|buttermilk|water|oil|juice|cream|drink|coffee|tea|cider|wine|rum|brandy|vinegar|stock|aquafaba)(?: (?:gf|df))*$/i
/** So many of a thing one could count are weighed after all: "100 digestives". */
const manyCounted = 40
/** Fewer are no grams of anything: two what? */
const fewestGrams = 5

/**
 * All lines of a text, their bare numbers with the unit they most likely count. A sheet that leaves the unit out everywhere, three
 * times in grams, counts its spoonfuls of salt in grams too; each is asked about.
 */
export function withUnits<T extends ReadLine>(lines: readonly T[], unit: UnitCode | null): T[] {
  const read = lines.map(line => unitMeant(line, unit))
  const bare = read.filter(line => line.doubt?.unit && line.amount?.unit === 'g').length
  const weighed = read.filter(line => line.amount && line.amount.unit !== 'each' && !line.doubt).length
  if (unit !== null || bare < 3 || weighed > 0) return read
  return read.map((line, at) =>
    line.doubt && !line.doubt.unit && line.amount?.unit === 'each' && heaped.test(line.item)
      ? {
          ...lines[at]!,
          amount: { ...line.amount, unit: 'g' as const },
          doubt: { unit: true, question: `“${line.amount.value}” has no unit: read as g.` },
        }
      : line,
  )
}
/** `unit`: what the text says that all its numbers count, or null. */
export function unitMeant<T extends ReadLine>(line: T, unit: UnitCode | null): T {
  const { amount, form, item } = line
  if (
    amount?.unit !== 'each' ||
    (form && !stateOnly.test(form)) ||
    amount.size ||
    (comesWhole.test(item) && amount.value <= mostCounted)
  )
    return /\b(?:cups?|tbsps?|tsps?|tablespoons?|teaspoons?|grams?|ml|oz|lbs?)\b/i.test(item) && amount
      ? { ...line, doubt: { unit: false, question: `“${item}” has a measure in its name: say how much of what.` } }
      : line
  if (unit) return { ...line, amount: { ...amount, unit } }
  const liquid = poured.test(item)
  const heap = heaped.test(item)
  if (!liquid && !heap && !(amount.value >= manyCounted)) return line
  if (amount.value < fewestGrams)
    return {
      ...line,
      doubt: { unit: false, question: `${amount.value} what of ${item}? Nobody counts it: add the unit.` },
    }
  const meant: UnitCode = liquid && !heap ? 'ml' : 'g'
  return {
    ...line,
    amount: { ...amount, unit: meant },
    doubt: { unit: true, question: `“${amount.value}” has no unit: read as ${meant}.` },
  }
}
