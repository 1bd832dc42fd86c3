// Claims that a name makes by itself: "Vegan nut-free brownie" says as much as any line of small print.
import type { NamedClaim } from '../model/claim'

const free = (what: string) => `(?:${what})[- ]?free|free (?:from|of) (?:${what})|no (?:${what})|without (?:${what})`
/** Common practice, no published source. */
const said: [NamedClaim, string][] = [
  ['glutenFree', `${free('gluten|wheat')}|\\bgf\\b|coeliac[- ]safe|celiac[- ]safe`],
  ['dairyFree', `${free('dairy|milk')}|non[- ]dairy|\\bdf\\b`],
  ['eggFree', `${free('eggs?')}|eggless`],
  ['nutFree', free('(?:tree )?nuts?')],
  ['peanutFree', free('peanuts?')],
  ['soyFree', free('soya?|soy ?beans?')],
  ['sesameFree', free('sesame')],
  ['vegan', 'vegan|plant[- ]based'],
  ['vegetarian', 'vegetarian|veggie'],
  ['refinedSugarFree', `${free('refined sugars?')}`],
  ['noAddedSugar', 'no added sugars?|without added sugars?|no sugars? added'],
  ['sugarFree', 'sugars?[- ]free|free (?:from|of) sugars?|no sugars?(?! added)|sugarless'],
  ['lowSugar', 'low[- ](?:in )?sugars?|reduced sugars?'],
  ['lowFat', 'low[- ](?:in )?fat'],
  ['highFibre', 'high[- ](?:in )?fib(?:re|er)'],
  ['sourceOfProtein', '(?:high|rich|source)[- ](?:in |of )?protein|protein[- ](?:rich|packed)'],
  ['grainFree', free('grains?')],
  ['paleo', 'paleo'],
  ['keto', 'keto(?:genic)?|low[- ]carb'],
]
const patterns = said.map(([claim, words]) => ({
  claim,
  pattern: new RegExp(
    `(?<![\\p{L}\\p{N}])(?<!\\b(?:not|never|isn['’]t|aren['’]t)(?: (?:really|quite|actually|always|necessarily))? )(?:${words})(?![\\p{L}\\p{N}])`,
    'iu',
  ),
}))

/** Each claim the text makes, with the words that make it. */
export const claimsIn = (text: string): { claim: NamedClaim; words: string }[] =>
  patterns.flatMap(({ claim, pattern }) => {
    const words = pattern.exec(text)?.[0]
    return words === undefined ? [] : [{ claim, words }]
  })
