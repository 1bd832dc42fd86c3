// What a written line says of its mass besides the amount: that it goes on after the bake, that it was weighed with its peel,
// that some of it is squeezed out or kept, that it is so much for each piece. Common practice, no published source.
import { gramsOf } from '../measure/convert'
import type { Line } from '../model/recipe'
import type { Amount } from '../model/unit'
import type { ReadLine } from './readLine'

/** Things that are never baked once they are made, by the heading or the name they stand under. A crumble topping is. */
const neverBaked =
  /\b(?:frosting|icing|buttercream|butter cream|ganache|glaze|glac[eé]|drizzle|coating|garnish|whipped (?:cream|topping)|cream filling|mascarpone cream|chantilly)\b/i
const onceDone =
  /\b(?:(?:once|when|after)(?: (?:it is|it's|they are|it has|they have|completely|fully|quite|baked and))* (?:cool(?:ed)?|cold|baked|set)|after (?:the )?(?:bake|baking)|to (?:decorate|garnish)|for (?:decorat(?:ion|ing)|garnish(?:ing)?)|to dust (?:over )?(?:the )?(?:finished|cooled|baked)|as (?:a )?(?:garnish|decoration))\b/i

/** Done behind the name, so the weight is of what was bought: "4 lb pineapple, peeled and cored". */
const trimmed =
  /\b(?:peeled|cored|stoned|pitted|destoned|shelled|hulled|topped and tailed|trimmed|deseeded|seeds? removed|skinned|stalks? removed)\b/i
const preparedWeight =
  /\b(?:(?:peeled|prepared|stoned|pitted|shelled|trimmed|drained|net|cored|hulled) weight|(?:weighed|weight) (?:after|once|when)\b)/i
const boughtWeight =
  /\b(?:unpeeled|whole|gross) weight\b|\bweighed (?:before|whole|with (?:the )?(?:peel|skin|stones?|shells?))\b/i

/** Grated courgette keeps 0.6 to 0.7 of its weight when it is squeezed. */
const squeezed =
  /\bsqueez(?:e|ed)\b[^,;]*\b(?:out|dry|well)\b|\b(?:wrung|wring) (?:out|dry)\b|\bsqueezed of (?:its|their) (?:water|liquid|juice)\b/i
const keptAfterSqueezing = 0.65
const keepsLiquid =
  /\b(?:keep|keeping|reserve|reserving|save|saving)\b[^.;]*\b(?:liquid|water|syrup|juices?|brine)\b|\b(?:liquid|water|syrup|juices?)\b[^.;]*\b(?:reserved|kept|saved)\b/i

export type MassWords = Pick<Line, 'afterBake' | 'weighed' | 'retained'>

/** What is said of the line’s mass; only what is said. `heading`: the group it stands under. */
export function massWordsOf(
  text: string,
  read: Pick<ReadLine, 'amount' | 'prep' | 'role' | 'item'>,
  heading = '',
  /** What it was matched to: stoned damsons are bought stoned. */
  thing = '',
): MassWords {
  const said: MassWords = {}
  const inTheFood = read.role === 'mix' || read.role === 'finish'
  if (
    inTheFood &&
    (onceDone.test(text) || onceDone.test(heading) || neverBaked.test(heading) || neverBaked.test(read.item))
  )
    said.afterBake = true
  const prep = read.prep ?? ''
  const byMass = read.amount !== null && gramsOf(read.amount.unit) !== null
  if (
    byMass &&
    !preparedWeight.test(text) &&
    (boughtWeight.test(text) || (trimmed.test(behindName(text, prep)) && !trimmed.test(thing)))
  )
    said.weighed = 'bought'
  if (squeezed.test(text)) said.retained = keptAfterSqueezing
  else if (keepsLiquid.test(text)) said.retained = 1
  return said
}

/** What is done stands behind the name: "peeled and cored pineapple" was weighed ready. */
const behindName = (text: string, prep: string): string => {
  const comma = text.search(/[,(]/)
  return prep === '' || comma < 0 ? '' : text.slice(comma)
}

const pieceWords =
  'balls?|bars?|pieces?|slices?|cups?|buns?|biscuits?|cookies?|tarts?|tartlets?|muffins?|squares?|truffles?|fingers?|cases?|moulds?|portions?|rolls?|cakes?|bites?|scones?|pots?|cupcakes?|brownies?|rounds?'
const forEach = new RegExp(
  `^(.*?\\p{L}.*?),?\\s+(?:an?|per|each|for each|for every|to each|in(?:to)? each|on each|to every)\\s+(?:${pieceWords})$`,
  'iu',
)

/** "8 g caramel a bar": the line of one piece, "8 g caramel"; null where the line is of the whole. */
export const lineOfOnePiece = (text: string): string | null => {
  const line = text.replace(/^[\s•*–-]+/u, '').trim()
  const one = forEach.exec(line)?.[1]?.trim()
  return one !== undefined && /^(?:\d|[½¼¾⅓⅔])/u.test(one) ? one : null
}

/** The amount of all pieces; null where it is not known how many there are. */
export const ofAllPieces = (amount: Amount | null, pieces: number | null): Amount | null =>
  amount === null || pieces === null
    ? null
    : {
        ...amount,
        value: Math.round(amount.value * pieces * 1e6) / 1e6,
        ...(amount.upTo === undefined ? {} : { upTo: Math.round(amount.upTo * pieces * 1e6) / 1e6 }),
      }
