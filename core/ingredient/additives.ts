// Additives that bakeries use, by the class a label names them under. Annex VII part C and the names of Regulation (EC)
// 1333/2008, from memory: verify before relying on it. What is not in the table is not guessed.
import type { Component, Ingredient } from '../model/ingredient'
import { rememberedByText } from '../words/remembered'
import { bound } from './sober'

const byClass: Record<string, string> = {
  thickener:
    'xanthan(?: gum)?|guar(?: gum)?|locust bean gum|carob(?: bean)? gum|tara gum|gellan(?: gum)?|cellulose gum|(?:carboxy)?methyl ?cellulose|hydroxypropyl methyl ?cellulose|hpmc|cmc|konjac gum',
  'gelling agent': 'agar(?:[- ]agar)?|pectins?|carrageenan|alginate',
  'raising agent':
    'sodium bicarbonate|sodium hydrogen carbonate|bicarbonate of soda|baking soda|(?:di|tri)?sodium (?:di|pyro)phosphate|sodium acid pyrophosphate|(?:mono)?calcium phosphate|sodium aluminium phosphate|ammonium (?:bi)?carbonate|potassium (?:bi)?carbonate|potassium bitartrate|monopotassium tartrate|cream of tartar|glucono[- ]delta[- ]lactone',
  emulsifier:
    '(?:\\p{L}+ )?lecithins?|mono[- ]? ?and diglycerides(?: of fatty acids)?|polyglycerol \\p{L}+|sucrose esters?',
  acid: 'citric acid|lactic acid|malic acid|tartaric acid|acetic acid',
  'acidity regulator': '(?:tri)?sodium citrates?|(?:tri)?calcium citrates?|potassium citrates?',
  antioxidant: 'ascorbic acid|sodium ascorbate|ascorbyl palmitate|tocopherols?(?:-rich extract)?|rosemary extract',
  preservative:
    'sorbic acid|(?:potassium|calcium) sorbate|(?:calcium|sodium) propionate|benzoic acid|sodium benzoate|sulphur dioxide|sulfur dioxide|(?:sodium|potassium) (?:meta)?bisulphite|(?:sodium|potassium) metabisulphite',
  colour:
    'carmines?|cochineal|curcumin|beta[- ]?carotene|carotenes?|annatto|norbixin|titanium dioxide|tartrazine|quinoline yellow|sunset yellow|carmoisine|ponceau 4r|allura red|brilliant blue|patent blue|anthocyanins?|chlorophyll(?:in)?s?|beetroot red|plain caramel|iron oxides?',
  sweetener:
    'erythritol|xylitol|maltitol(?: syrup)?|sorbitol(?: syrup)?|isomalt|lactitol|mannitol|steviol glycosides?|stevia|sucralose|aspartame|acesulfame(?: k)?|saccharin|thaumatin|neotame|advantame|cyclamates?',
  humectant: 'glycerol|glycerine?|propylene glycol',
  'glazing agent': 'shellac|beeswax|carnauba(?: wax)?',
}
const classes = Object.entries(byClass).map(([name, words]) => ({
  name,
  named: namesBy(bound(words)),
  whole: new RegExp(`^(?:${words})$`, 'iu'),
}))

/** Every word of a text that a pattern finds, in small letters: the same texts are asked about for every product. */
export function namesBy(pattern: RegExp): (text: string) => readonly string[] {
  return rememberedByText(text => [...text.matchAll(pattern)].map(([word]) => word.toLowerCase()))
}

/** The class the thing goes by where its whole name is that of an additive; undefined for a food, or what is not known. */
export const additiveClass = (name: string): string | undefined =>
  classes.find(({ whole }) => whole.test(name.trim()))?.name

/** Is something of that class named anywhere in the texts? The names found. */
export const additivesNamed = (texts: readonly string[], className: string): string[] => {
  const { named } = classes.find(one => one.name === className) ?? {}
  return named ? [...new Set(texts.flatMap(named))] : []
}

export interface Unclassed {
  name: string
  /** The class it usually has; undefined where only its number is known. */
  usual: string | undefined
}
const inside = (components: readonly Component[] = []): Unclassed[] =>
  components.flatMap(({ name, functionClass, eNumber, components: inner }) => [
    ...(functionClass || (!eNumber && !additiveClass(name)) ? [] : [{ name, usual: additiveClass(name) }]),
    ...inside(inner),
  ])

/** Additives in it, itself or inside its list, whose class nobody has said. */
export const withoutClass = (ingredient: Ingredient): Unclassed[] => {
  const { name, labelName, functionClass, eNumber, composition } = ingredient
  const own = labelName ?? name.split(/[,(]/)[0]!
  const single = !composition?.length
  return [
    ...(single && !functionClass && (eNumber || additiveClass(own)) ? [{ name: own, usual: additiveClass(own) }] : []),
    ...inside(composition),
  ]
}

interface Additive {
  eNumber: string
  names: readonly string[]
}
const additives = new WeakMap<Additive, (text: string) => boolean>()
/** Does some text name the additive: by a name, by its E number, or by the bare number behind its class? */
export function namesAdditive(texts: readonly string[], additive: Additive): boolean {
  const { eNumber, names } = additive
  let named = additives.get(additive)
  if (!named) {
    const digits = eNumber.replace(/^e ?/i, '')
    const pattern = new RegExp(
      `(?<![\\p{L}\\p{N}])(?:e[ -]?${digits}|${names.join('|')})(?![\\p{L}\\p{N}])|\\b(?:colou?rs?|sweeteners?|additives?)\\b[^;.]{0,60}?(?<![\\d.,])${digits}(?![\\d%.,]\\d|\\d| ?%)`,
      'iu',
    )
    named = rememberedByText(text => pattern.test(text))
    additives.set(additive, named)
  }
  return texts.some(named)
}

const classed = new WeakMap<Ingredient, readonly string[]>()
/** Every text of it with the class and the number beside each name, as a label would have them. */
export function classedTexts(ingredient: Ingredient): readonly string[] {
  const known = classed.get(ingredient)
  if (known) return known
  const text = (of: { name: string; functionClass?: string; eNumber?: string }) =>
    `${of.functionClass ? `${of.functionClass}: ` : ''}${of.name}${of.eNumber ? ` (${of.eNumber})` : ''}`
  const all = (components: readonly Component[] = []): string[] =>
    components.flatMap(one => [text(one), ...all(one.components)])
  const made = [
    text(ingredient),
    ...(ingredient.labelName ? [text({ ...ingredient, name: ingredient.labelName })] : []),
    ...all(ingredient.composition),
  ]
  classed.set(ingredient, made)
  return made
}
