// How a free-from dough holds together: flours by what they do, gum from every source, water, sweeteners, binders; and
// what the rules of thumb say of it. Advice with its reason (common practice, no published source), never a verdict.
import {
  type Baking,
  bakingOf,
  type FlourKind,
  type FlourWork,
  flourWorks,
  type SweetenerKind,
} from '../ingredient/baking'
import { byId } from '../model/byId'
import type { Ingredient } from '../model/ingredient'
import { percent, toPlaces } from '../words/rounding'
import type { Bill } from './bill'
import { batterOf } from './filling'

type Grams = number

export interface Dough {
  /** Flours and starches, the heaviest first; shares of their sum. */
  flours: { ingredient: string; name: string; kind: FlourKind; work: FlourWork; grams: Grams; share: number }[]
  flour: Grams
  /** The blend's own work, by weight; null without flour. */
  work: FlourWork | null
  /** Gum from every source, grams; a premix that does not say how much it holds is named in `unstatedGum`. */
  gum: Grams
  gumFrom: { name: string; grams: Grams }[]
  unstatedGum: string[]
  binders: { name: string; binder: string; grams: Grams }[]
  sweeteners: { name: string; kind: SweetenerKind; grams: Grams }[]
  /** Water from everything in the bowl; `unknownWater` names what nobody knows the make-up of. */
  water: Grams
  unknownWater: string[]
  fat: Grams
}
export interface Advice {
  what: string
  why: string
  /** Ingredients it is about. */
  about: string[]
}

/** What the dough of a bill is made of: only what goes into the bowl. */
export function doughOf(bill: Bill, ingredients: readonly Ingredient[]): Dough {
  const known = byId([...ingredients])
  const grams = new Map<string, Grams>()
  for (const line of bill.lines)
    if (line.role === 'mix') grams.set(line.ingredient, (grams.get(line.ingredient) ?? 0) + line.grams * line.retained)
  const each = [...grams].flatMap(([id, weight]): { ingredient: Ingredient; weight: Grams; baking: Baking }[] => {
    const ingredient = known.get(id)
    return ingredient ? [{ ingredient, weight, baking: bakingOf(ingredient) }] : []
  })
  const flourGrams = each.reduce((sum, one) => sum + (one.baking.flour ? one.weight : 0), 0)
  const flours = each
    .flatMap(({ ingredient, weight, baking }) =>
      baking.flour
        ? [
            {
              ingredient: ingredient.id,
              name: ingredient.name,
              ...baking.flour,
              grams: weight,
              share: flourGrams > 0 ? weight / flourGrams : 0,
            },
          ]
        : [],
    )
    .sort((a, b) => b.grams - a.grams)
  const work: FlourWork | null =
    flourGrams > 0
      ? (Object.fromEntries(
          flourWorks.map(key => [key, flours.reduce((sum, one) => sum + one.work[key] * one.share, 0)]),
        ) as unknown as FlourWork)
      : null
  const gumFrom = each.flatMap(({ ingredient, weight, baking }) =>
    typeof baking.gum === 'number' && baking.gum > 0 && weight > 0
      ? [{ name: ingredient.name, grams: weight * baking.gum }]
      : [],
  )
  const unknownWater = each.filter(one => one.baking.water === null && one.weight > 0).map(one => one.ingredient.name)
  return {
    flours,
    flour: flourGrams,
    work,
    gum: gumFrom.reduce((sum, one) => sum + one.grams, 0),
    gumFrom,
    unstatedGum: each.filter(one => one.baking.gum === 'unstated').map(one => one.ingredient.name),
    binders: each.flatMap(({ ingredient, weight, baking }) =>
      baking.binder ? [{ name: ingredient.name, binder: baking.binder, grams: weight }] : [],
    ),
    sweeteners: each.flatMap(({ ingredient, weight, baking }) =>
      baking.sweetener ? [{ name: ingredient.name, kind: baking.sweetener, grams: weight }] : [],
    ),
    water: each.reduce((sum, one) => sum + one.weight * (one.baking.water ?? 0), 0),
    unknownWater,
    fat: each.reduce((sum, one) => sum + one.weight * (one.baking.fat ?? 0), 0),
  }
}

/** The dose of gum a cake takes of its flour weight, and the most a choux does. Common practice. */
const gumLeast = 0.01
const gumMost = 0.02
const gumChoux = 0.03
const coconutMost = 0.25
const starchMost = 0.55

/** What the rules of thumb say of a dough; empty where none has anything to say. `gluten`: something in it has gluten. */
export function adviceOn(dough: Dough, gluten = false): Advice[] {
  const found: Advice[] = []
  const say = (what: string, why: string, about: string[] = []) => found.push({ what, why, about })
  if (dough.flour <= 0) return found
  const names = (kind: FlourKind) => dough.flours.filter(one => one.kind === kind).map(one => one.name)
  const share = (kind: FlourKind) => dough.flours.reduce((sum, one) => sum + (one.kind === kind ? one.share : 0), 0)
  const coconut = share('coconut')
  if (coconut > coconutMost)
    say(
      `${percent(coconut)} of the flour is coconut flour: expect it dry. Take less, or raise eggs or liquid.`,
      'Coconut flour drinks liquid and is never used alone; above about a quarter of the flour weight it shows.',
      names('coconut'),
    )
  const starch = share('starch')
  if (starch > starchMost)
    say(
      `${percent(starch)} of the flour is starch: it may turn gummy.`,
      'Tapioca and other starches give lightness and spring; too much of them sticks.',
      names('starch'),
    )
  const dose = dough.gum / dough.flour
  const doseText = `${toPlaces(dose * 100, 1)} % of the flour weight`
  if (dough.unstatedGum.length > 0)
    say(
      `${dough.unstatedGum.join(' and ')} already ${dough.unstatedGum.length > 1 ? 'hold' : 'holds'} gum, and nobody says how much. Ask the supplier before you add more.`,
      'A premix may hold gum already: it counts.',
      dough.unstatedGum,
    )
  if (dose > gumChoux)
    say(
      `Gum is ${doseText}: more than any of these bakes takes.`,
      'About 1 to 2 % of the flour weight in a cake, about 3 % in choux. Every source is added up.',
      dough.gumFrom.map(one => one.name),
    )
  else if (dose > gumMost)
    say(
      `Gum is ${doseText}: right for choux, much for a cake.`,
      'About 1 to 2 % of the flour weight in a cake, about 3 % in choux. Every source is added up.',
      dough.gumFrom.map(one => one.name),
    )
  else if (dose > 0 && dose < gumLeast && dough.binders.length === 0)
    say(
      `Gum is ${doseText}, and nothing else binds: it may crumble.`,
      'About 1 to 2 % of the flour weight in a cake, 1 tsp to 225 g.',
      dough.gumFrom.map(one => one.name),
    )
  if (!gluten && dough.gum === 0 && dough.unstatedGum.length === 0 && dough.binders.length === 0)
    say(
      'Nothing here binds: it will crumble.',
      'Without gluten or egg something must bind: gum, psyllium, ground seed and water, banana, dates, gelatine.',
    )
  const nut = share('nut')
  if (nut > 0.5)
    say(
      'Mostly nut meal: bake it low and long, 60 to 90 minutes at 160 °C, and stop mixing when it is even.',
      'Nut meal browns early, gives up its oil when it is over-mixed, and sinks a little as it cools: that is normal.',
      names('nut'),
    )
  const polyols = dough.sweeteners.filter(one => one.kind === 'polyol')
  if (
    polyols.length > 0 &&
    polyols.every(one => /erythritol/i.test(one.name)) &&
    dough.sweeteners.every(one => one.kind !== 'rareSugar')
  )
    if (dough.sweeteners.every(one => one.kind === 'polyol' || one.kind === 'intense'))
      say(
        'Erythritol is the only sweetener: it crisps and may grain as it cools.',
        'Allulose or xylitol in the mix keeps a biscuit soft.',
        polyols.map(one => one.name),
      )
  const fruit = dough.sweeteners.filter(one => one.kind === 'fruit')
  if (fruit.length > 0)
    say(
      `${fruit.map(one => one.name).join(' and ')} ${fruit.length > 1 ? 'bring their' : 'brings its'} own water and sugar.`,
      'Overripe bananas, dates and purées count as sugars on the label, and often as added sugar.',
      fruit.map(one => one.name),
    )
  if (dough.work && dough.unknownWater.length === 0) {
    const liquid = dough.water / dough.flour
    // an absorbent blend takes about as much water as it weighs; a light one does with less
    const wants = 0.35 + 0.8 * dough.work.absorbency
    if (liquid < wants * 0.5)
      say(
        `${toPlaces(liquid, 2)} g of water to a gram of flour is little for so absorbent a blend.`,
        `Flours like these commonly take about ${toPlaces(wants, 1)}; a biscuit takes less, a batter more.`,
      )
  }
  return found
}

/** A crumb this wet when it goes in keeps a skewer wet when it is done: share of the batter. Common practice. */
const moistFrom = 0.3
/** Is it known to be so moist? */
export function isMoist(bill: Bill, ingredients: readonly Ingredient[]): boolean {
  const dough = doughOf(bill, ingredients)
  return dough.unknownWater.length === 0 && dough.water > moistFrom * batterOf(bill)
}
