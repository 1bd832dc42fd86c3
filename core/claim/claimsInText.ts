// Claims that a name makes by itself: "Vegan nut-free brownie" says as much as any line of small print.
import { type Denial, denialsIn } from '../ingredient/denials'
import { blank } from '../ingredient/sober'
import { type AllergenCode, glutenCereals, treeNuts } from '../model/allergen'
import type { NamedClaim } from '../model/claim'

/** What is claimed by whoever denies these. */
const ofAllergens: readonly [NamedClaim, readonly AllergenCode[]][] = [
  ['glutenFree', glutenCereals],
  ['dairyFree', ['milk']],
  ['eggFree', ['egg']],
  ['nutFree', treeNuts],
  ['peanutFree', ['peanut']],
  ['soyFree', ['soy']],
  ['sesameFree', ['sesame']],
]
/** The claims that deny what a denial does; of almonds or rye alone there is none, they are of no whole group. */
const claimsOf = ({ words, codes }: Denial): NamedClaim[] =>
  ofAllergens.flatMap(([claim, group]) => {
    const denied = group.filter(code => codes.includes(code))
    if (denied.length === 0 || (group.length > 1 && denied.length < 2 && denied[0] !== 'wheat')) return []
    // "nut-free" promises nothing of peanuts to whoever knows that they are none
    return claim === 'peanutFree' && codes.includes('walnut') && !/peanut|groundnut/i.test(words) ? [] : [claim]
  })

const free = (what: string) => `(?:${what})[- ]?free|free (?:from|of) (?:${what})|no (?:${what})|without (?:${what})`
/** Said to be fit for whoever cannot eat it. */
const fitFor = (what: string) =>
  `(?:${what})(?: allergy| allergies| allergic)?[- ](?:safe|friendly)|(?:safe|suitable|fit|fine|good|ok(?:ay)?|made) for (?:(?:(?:people|those|anyone|anybody|somebody|guests|children) (?:with|who have) )?(?:an? )?(?:${what})(?: allerg(?:y|ies|ics?))|(?:${what})s)|(?:0|zero) ?%? (?:${what})|(?:${what})[:,]? (?:none|nil)`
/** Common practice, no published source. */
const said: readonly [NamedClaim, string][] = [
  ['glutenFree', `${free('gluten|wheat')}|\\bgf\\b|(?:coeliac|celiac)s?|${fitFor('gluten|wheat')}`],
  ['dairyFree', `${free('dairy|milk|lactose')}|non[- ]dairy|\\bdf\\b|${fitFor('dairy|milk|lactose')}`],
  ['eggFree', `${free('eggs?')}|eggless|${fitFor('egg')}`],
  ['nutFree', `${free('(?:tree )?nuts?')}|${fitFor('(?:tree )?nut')}`],
  ['peanutFree', `${free('peanuts?')}|${fitFor('peanut')}`],
  ['soyFree', `${free('soya?|soy ?beans?')}|${fitFor('soya?')}`],
  ['sesameFree', `${free('sesame')}|${fitFor('sesame')}`],
  ['vegan', '(?<!no )vegan|plant[- ]based'],
  ['vegetarian', 'vegetarian|veggie'],
  ['refinedSugarFree', `${free('refined sugars?')}`],
  ['noAddedSugar', 'no added sugars?|without added sugars?|no sugars? added|unsweetened'],
  [
    'sugarFree',
    '(?<!refined )sugars?[- ]free|free (?:from|of) sugars?|no sugars?(?! added)|sugarless|(?:0|zero) sugars?',
  ],
  ['lowSugar', 'low[- ](?:in )?sugars?|reduced sugars?|less sugars?'],
  ['lowFat', 'low[- ](?:in )?fat'],
  ['highFibre', 'high[- ](?:in )?fib(?:re|er)|rich in fib(?:re|er)|fib(?:re|er)[- ]rich'],
  ['sourceOfFibre', 'source of fib(?:re|er)|with (?:added )?fib(?:re|er)'],
  ['sourceOfProtein', '(?:high|rich|source)[- ](?:in |of )?protein|protein[- ](?:rich|packed)'],
  ['grainFree', free('grains?')],
  ['paleo', 'paleo'],
  ['keto', 'keto(?:genic)?|low[- ]carb'],
]
/** Free of everything that anybody might be allergic to. */
const ofAll =
  /(?<![\p{L}])(?:all(?:ergens?|ergy)[- ](?:free|friendly|safe)|(?:free (?:from|of)|no) (?:all |any |the )?(?:\d+ )?(?:major |main |common |declared )?allergens|top[- ](?:\d+|eight|nine|fourteen)[- ]free|hypo-?allergenic)(?![\p{L}])/iu
const patterns = said.map(([claim, words]) => ({
  claim,
  pattern: new RegExp(
    `(?<![\\p{L}\\p{N}])(?<!\\b(?:not|never|un|isn['’]t|aren['’]t)(?: (?:really|quite|actually|always|necessarily))? )(?:${words})(?![\\p{L}\\p{N}])`,
    'iu',
  ),
}))

/** "not suitable for coeliacs": for whom it is not. */
const notFor =
  /(?<![\p{L}])(?:not|never|un) ?(?:suitable|safe|fit|recommended|intended|ok(?:ay)?|made|good|for)(?: for)?(?![\p{L}])[^.;:!?]*/giu

/** Each claim the text makes, with the words that make it. */
export function claimsIn(given: string): { claim: NamedClaim; words: string }[] {
  const text = given.replace(notFor, blank)
  const all = ofAll.exec(text)?.[0]
  const found = new Map<NamedClaim, string>(all === undefined ? [] : ofAllergens.map(([claim]) => [claim, all]))
  for (const denial of denialsIn(text))
    for (const claim of claimsOf(denial)) if (!found.has(claim)) found.set(claim, denial.words)
  for (const { claim, pattern } of patterns) {
    const words = pattern.exec(text)?.[0]
    if (words !== undefined) found.set(claim, words)
  }
  return patterns.flatMap(({ claim }) => {
    const words = found.get(claim)
    return words === undefined ? [] : [{ claim, words }]
  })
}

/** Denials that no claim of the law's stands for: "celery-free", "no almonds". */
export const beyondClaims = (text: string): Denial[] =>
  denialsIn(text).filter(one => one.codes.length > 0 && claimsOf(one).length === 0)
