// The shape of one market's rules: lists, thresholds, factors, rounding, wording and letters, each with its citation.
// Plain data and nothing else: a pack can be written down, compared and frozen with what was signed under it.
import type { AllergenCode } from '../model/allergen'
import type { ClaimCode, NamedClaim } from '../model/claim'
import type { MarketCode } from '../model/market'
import type { NutrientCode } from '../model/nutrient'
import type { Product } from '../model/product'
import type { Particular, SaleForm } from '../model/sale'

/** One step of a rounding rule: values up to (or, `below`, under) the edge are printed so. Tried in order. */
export interface RoundingStep {
  atMost?: number
  below?: number
  /** Printed as is, e.g. "< 0.5". `0` stays "0" when the value is exactly nothing. */
  print?: string
  nearest?: number
  /** Of what is printed, at most so many figures count. */
  significant?: number
}
/** `totalCarbohydrate` is available carbohydrate and fibre together, as the US and Canada count it. */
export type Rounded = NutrientCode | 'salt' | 'totalCarbohydrate'

export interface EnergyFactors {
  fat: number
  protein: number
  /** Available carbohydrate that is neither polyol nor allulose. */
  carbohydrate: number
  fibre: number
  /** Of fibre that is not soluble, where the soluble is known. */
  insolubleFibre: number
  alcohol: number
  organicAcids: number
  /** Polyols of a kind without a factor of its own. */
  polyols: number
  eachPolyol: Partial<Record<NutrientCode, number>>
  allulose: number
}

/** A derivative exempt from declaring. `named`: each a set of words that must all stand in one name. */
export interface ExemptKind {
  codes: AllergenCode[]
  what: string
  named: string[]
}

export interface AllergenGroup {
  codes: AllergenCode[]
  /** As a label names it; for cereals and nuts the kind is named instead. */
  name: string
  byKind: boolean
}

export type Category = NonNullable<Product['category']>

/** A serving is a piece as it is cut, or follows from an amount customarily eaten of that kind of bake. */
export type ServingRule =
  | { by: 'piece'; cite: string }
  | {
      by: 'referenceAmount'
      /** Grams; null where the amount is a volume. */
      amounts: Record<Category, number | null>
      /** Why a volume gives no serving, in words. */
      volume: string
      /** Pieces up to this share of the amount are taken together, as many as come closest. */
      togetherUpTo: number
      /** Pieces under this share are taken singly or by twos, whichever is closer. */
      twoUnder: number
      /** A piece under this share is one serving, and so is a whole pack. */
      oneUnder: number
      /** A larger piece, and a pack, up to this share has a second column for the whole of it. */
      wholeUnitUpTo: number
      cite: string
    }

/** Per cent of a day: values in the nutrient's own unit, and how the per cent of minerals and vitamins is rounded. */
export interface DailyValues {
  values: Partial<Record<Rounded, number>>
  /** Have a value, yet no per cent is printed. */
  unprinted: Rounded[]
  /** Counted together as one per cent, printed on the row of `on`. */
  together: { nutrients: Rounded[]; value: number; on: Rounded } | null
  /** Rounded by steps: printed as 0 under `zeroUnder`; else to the step of the first `upTo` it is not over. */
  stepped: { nutrients: Rounded[]; zeroUnder: number; steps: { upTo: number | null; step: number }[] }
}

/** How far a laboratory may find the food from what is declared: a share of that, or an amount in its unit. */
export type Allowed = { share: number } | { by: number }
export interface Tolerances {
  /** Of declared values in turn: those under `below`, or up to `upTo`; the last has neither. Null: on that side nothing is said. */
  rows: Partial<Record<Rounded, { below?: number; upTo?: number; under: Allowed | null; over: Allowed | null }[]>>
  cite: string
}

export interface TableRule {
  /** `typicalValues`: per 100 g and per piece. `nutritionFacts`: per serving, with daily values, in a panel of its own form. */
  kind: 'typicalValues' | 'nutritionFacts'
  /**
   * `minor`: vitamins and minerals, set apart at the foot. `inside`: the amount stands in the label, where `{amount}` is. `neededFor`:
   * an optional row is no choice beside these claims.
   */
  rows: {
    nutrient: Rounded
    label: string
    indent: number
    optional?: true
    minor?: true
    inside?: true
    neededFor?: readonly ClaimCode[]
  }[]
  /** A row of words that stands beside a claim that holds, behind the row of `behind`. */
  saidBeside: { claim: ClaimCode; nutrient: string; label: string; says: string; behind: Rounded; cite: string }[]
  /** Energy in kJ alone, or in kcal too, in a table of typical values. */
  energy: 'kj' | 'kjAndKcal'
  /** What carbohydrate means here, in words. */
  carbohydrate: string
  daily: DailyValues | null
  /** The words of the panel; null where the table has no panel. */
  panel: PanelWords | null
  /** Between a figure and its unit, and before a per cent, in a panel. */
  unitGap: '' | ' '
  /** The forms a panel may take, in the order they are tried; none where there is no panel. */
  forms: PanelForm[]
  /**
   * What may stand in few rows: where at least so many print as nothing, those may be named in one sentence. `{nutrients}` stands
   * for them, `{second}` for the same in a second language. Null: nothing may.
   */
  simplified: { rows: number; kept: Rounded[]; alsoNothing: string[]; text: string; cite: string } | null
  /** A summary for the front, where the market has one beside the table; null where it has none. */
  front: FrontRule | null
  /** Null where the market names no figures. */
  tolerances: Tolerances | null
  cite: string
}

/** On one label a panel takes one of them. `upTo`: the label's area in mm² it is allowed to, or `lowerThan` a height in mm; null: any. */
export interface PanelForm {
  form: 'vertical' | 'bilingual' | 'tabular' | 'linear'
  /** Points of its letters, and from row to row; `narrow`: what is long stands on two rows. Only of a form that comes in several. */
  type?: { points: number; leading: number; narrow: boolean }
  only: { upTo: number; lowerThan: number | null } | null
  cite: string
}
/** How much of each is low, and from where on it is high: g per 100 g, and per portion where that is large. */
export interface FrontRule {
  of: { nutrient: Rounded; name: string; lowUpTo: number; highOver: number; highPerPortionOver: number }[]
  /** Grams: only for portions over it the amount per portion counts too. */
  portionOver: number
  words: { lead: string; energy: string; low: string; medium: string; high: string; note: string; per100g: string }
  cite: string
}

/** Templates: `{n}` a number, `{unit}` what a piece is called. */
export interface PanelWords {
  title: string
  perContainerOne: string
  perContainer: string
  servingSize: string
  /** Rows that say what it is of, `{size}` in the first language and `{second}` in the other; none where `servingSize` leads. */
  per: string[]
  amountPerServing: string
  perServing: string
  perUnit: string
  /** Head of a column for the whole pack. */
  perPack: string
  energy: string
  percentHead: string
  /** Behind a per cent that stands in a line of words. */
  percentShort: string
  footnote: string
}

/** Sentences that follow from what is in the food, not from what is claimed; null where the market asks for none. */
export interface StatementRules {
  sweeteners: { alone: string; withSugar: string; cite: string } | null
  laxative: { polyolsOverPercent: number; text: string; cite: string } | null
  /** `{colours}` stands for those found. */
  colours: { each: { eNumber: string; names: string[] }[]; text: string; cite: string } | null
  /** Where one of these is in it. */
  phenylalanine: { each: { eNumber: string; names: string[] }[]; text: string; cite: string } | null
  /** Additives that may not be used in food there at all. */
  refused: { eNumber: string; names: string[]; cite: string }[]
  /** What such a thing may ask of a label, beyond what is worked out here: asked, never answered. */
  mayAsk: { names: string[]; what: string; cite: string }[]
  /** What may be asked of food that is sold thawed; null where nothing is. */
  thawed: { what: string; unless: string; cite: string } | null
  /** Whether these may be used is asked, never answered: all of a class of additives, or by their names. */
  authorisation: { what: string; className?: string; names: string[]; cite: string }[]
  /**
   * A symbol on the front: where a serving, or the reference amount if that is more, holds at least this per cent of a day; another
   * per cent where the reference amount is small.
   */
  frontSymbol: {
    of: { nutrient: NutrientCode; day: number; name: string }[]
    percent: number
    small: { reference: number; percent: number }
    /** `{nutrients}` stands for those that are high. */
    text: string
    /** What is drawn: over the names, and under them. */
    symbol: { head: string; foot: string }
    cite: string
  } | null
  /** Stands on a gluten-free food whose wheat had its gluten taken out. */
  processedWheat: { text: string; cite: string } | null
}

/** Words as templates: `{…}` is filled in. */
export interface Words {
  ingredients: string
  /** What the market calls a thing that goes by another name elsewhere: whole words, the other name first. */
  names: Record<string, string>
  mayContain: string
  contains: string
  /** Before the name of what is packed along. */
  servedWith: string
  bestBefore: string
  useBy: string
  lot: string
  draft: string
  /** Heads of a table of typical values: `{piece}` what a piece is called, `{n}` grams. */
  table: {
    typical: string
    per100g: string
    perPiece: string
    pieceWeight: string
    /** `{n}` portions of `{g}` grams each; null where a panel says it. */
    portions: string | null
    /** A panel of a form of its own: its heading, with the portions under it, and a piece before 100 g; null where a table is none. */
    panel: { heading: string } | null
    /** Over the share of a day’s reference intake, and what it is a share of; null where the market has none beside such a table. */
    intake: { head: string; note: string } | null
  }
  /** Twelve, January first. */
  months: string[]
  /** `{day}`, `{month}` in words, `{year}`. */
  date: string
  /** Net quantity: metric alone, or beside ounces and pounds. `{metric}`, `{oz}`, `{lb}`, `{rest}` in ounces. */
  quantity: {
    grams: string
    kilograms: string
    kilogramPlaces: number
    ounces: { underAPound: string; pounds: string; poundsAndOunces: string } | null
  }
  /** Claims this market words otherwise. */
  claims: Partial<Record<NamedClaim, string>>
}

/** What a label must bear, by how the food is sold. */
export interface SaleRules {
  /** Null: the law does not set it apart, and it is judged as prepacked. `means`: what counts as it there, in words. */
  forms: { prepacked: SaleRule } & Record<SaleForm, SaleRule | null>
  /** Where a form asks for a table: what lets it be left out, if somebody answers that it is so. Any claim about nutrients ends it. */
  withoutTable: { id: string; forms: SaleForm[]; what: string; cite: string }[]
  endedBy: { what: string; cite: string }
}
export interface SaleRule {
  means: string
  asks: Particular[]
  cite: string
}

/** How large letters must be and where the net quantity stands, in mm. */
export interface LetterRules {
  /** Of the smallest letters. */
  smallestXHeight: number
  /** Height of the figures of the net quantity: by the grams in the pack, or by the panel's area in mm². `upTo` null: any. */
  quantity: { by: 'content' | 'panel'; heights: { upTo: number | null; mm: number }[] }
  /** The net quantity stands at the foot of the panel, or with the date. */
  quantityAt: 'foot' | 'withDate'
  /** It must stand within that share of the panel from its foot, on panels over so many mm²; null: anywhere in view. */
  quantityWithin: { share: number; overMm2: number; cite: string } | null
  /** The size a label is set on where none is chosen. */
  usualSize: { width: number; height: number }
  cite: string
}

export interface RulePack {
  market: MarketCode
  title: string
  /** Counts up whenever anything in the pack changes. */
  version: number
  /** ISO date of the last reading. */
  asOf: string
  /** What labels are written in, as a language tag. */
  language: string
  caution: string
  allergens: {
    groups: AllergenGroup[]
    labelNames: Partial<Record<AllergenCode, string>>
    /** What a statement of all of them at once says instead, each name once: a cereal and its gluten, say. */
    summaryNames: Partial<Record<AllergenCode, string[]>>
    /** Derivatives that need not be declared as the allergen they are made from. */
    exempt: ExemptKind[]
    /** mg of SO2 per kg of finished food: declared above it, or (`from`) from it on. */
    sulphites: { mgPerKg: number; from: boolean; cite: string } | null
    cite: string
  }
  /** Whose name and address the label bears: the kitchen's own, or of somebody in that place. */
  operator: { within: string | null; cite: string }
  /** What "nut-free" must be free of, peanut included. */
  nuts: AllergenCode[]
  /** Is allulose among the sugars of a table and of a claim? */
  sugars: { withAllulose: boolean; cite: string }
  /** mg/kg in the food as sold: at most, or (`below`) under. */
  gluten: {
    atMostMgPerKg: number
    below: boolean
    oats: 'speciallyProduced' | 'withFigure' | 'never'
    removedWheat: 'withTest' | 'never'
    /** No sum of figures shows it: only a test of the finished food, with nothing found. */
    testOfFood: boolean
    cite: string
  }
  energy: { kj: EnergyFactors; kcal: EnergyFactors; cite: string }
  rounding: {
    rules: Partial<Record<Rounded, RoundingStep[]>>
    otherwise: RoundingStep[]
    /** Is 3.0 printed as 3? */
    trimmed: boolean
    /** How, in words. */
    how: string
    cite: string
  }
  table: TableRule
  serving: ServingRule
  /** Grams, and kJ for energy, an average adult takes in a day; null where the table uses daily values. */
  referenceIntake: Partial<Record<Rounded, number>> | null
  list: {
    /** Added water counts by what is left in the finished food; else as it was added. */
    waterAsLeft: boolean
    /** Added water up to this share of the finished food may be left out of the list. */
    waterLeftOutUpTo: number
    /** Stands before what is not more than `minorShare` and so comes last; null where the market has no such group. */
    minor: string | null
    minorShare: number
    /** Allergens are emphasised inside the list. */
    emphasised: boolean
    /** Additives stand behind their class: "raising agents: …". */
    functionClasses: boolean
    /** … and then their number instead of their name: "thickener (415)". */
    additiveNumbers: boolean
    /** Every sugar and what sweetens like one stands together behind this word, placed by their sum; null where each stands alone. */
    sugarsTogether: string | null
    /** Named in the list, though not among the allergens of a summary. */
    alsoNamed: AllergenCode[]
    cite: string
  }
  /** Begins the statement that names every allergen at once; null where none stands beside a list. */
  containsStatement: { lead: string; cite: string } | null
  /** Whatever the label must say must stand in this language too; null where one is enough. */
  second: {
    language: string
    /** What the language is called. */
    name: string
    contains: string
    mayContain: string
    labelNames: Partial<Record<AllergenCode, string>>
    /** What a piece is called where it has no name of its own. */
    piece: string
    /** What nobody but a person can put into that language, in the middle of a sentence. */
    unwritten: string
    cite: string
  } | null
  /** The share of what is in the name must be said; `overWhole` where shares pass 100 %: `{n}` grams of `{name}`; `ofPart` of one that the list merges. */
  quid: { asked: boolean; overWhole: string; ofPart: string; cite: string }
  statements: StatementRules
  words: Words
  letters: LetterRules
  sale: SaleRules
  /** Errors a pack may be short by, by its declared grams, tried in order; null where this tool has none for the market. */
  averageQuantity: { errors: { upTo: number | null; error: Allowed }[]; cite: string } | null
  /**
   * Where a food was made. `when`: where a form of sale does not ask for it always, when it is asked all the same. `mainIngredient`:
   * where that is said, whether its main ingredient’s must be too, if it is another. `beside`: what else is asked of somebody competent.
   */
  origin: { when: string; mainIngredient: boolean; beside: string | null; cite: string }
  /** `withTax`: how prices are usually said there, until the bakery says otherwise. `unit`: so many grams are priced beside the pack. */
  prices: { withTax: boolean; when: string; unit: { grams: number; text: string } | null; cite: string }
  claims: ClaimRules
}

/** What is announced and not yet in force when a pack was last read: the whole pack as it is from that day on. */
export interface RuleChange {
  /** ISO day from which it is in force. */
  from: string
  /** What is otherwise, in words. */
  what: string
  cite: string
  pack: RulePack
}

/** A limit for a nutrition claim: in g per 100 g, or per reference amount; `below`: less than it, not at most. */
export interface Limit {
  grams: number
  per: '100g' | 'reference' | 'serving'
  below?: true
  /** It must hold per labelled serving as well. */
  perServingToo?: boolean
  /** Where the reference amount is 30 g or less, it must hold per 50 g too. */
  smallReferenceToo?: true
  cite: string
}
export interface ClaimRules {
  /** Null: this market has no such claim, so it cannot be printed. */
  lowFat: Limit | null
  lowSugar: Limit | null
  /** `kcalBelow`: only on a food that is free of energy too: under so many kcal per the same amount. */
  sugarFree: (Limit & { noSugarIngredient: boolean; kcalBelow?: number }) | null
  /** At least: g per 100 g or per reference, or g per 100 kcal where given. */
  sourceOfFibre: { grams: number; per: Limit['per']; per100kcal?: number; cite: string } | null
  highFibre: { grams: number; per: Limit['per']; per100kcal?: number; cite: string } | null
  /** Least share of the energy that is protein; null where the claim rests on more than arithmetic. */
  sourceOfProtein: { share: number; cite: string } | { gramsPerServing: number; cite: string } | null
  /** Kinds of sweetening that count as added sugars. */
  addedSugars: { kinds: ('sugar' | 'syrup' | 'juiceConcentrate' | 'rareSugar')[]; cite: string }
  /** Beside a fibre claim on a food with more fat than this per reference amount; `{fat}` as the table prints it. */
  fatBesideFibre: { overPerReference: number; text: string; cite: string } | null
  /** Beside “no added sugars” where sugars are there by nature; null where another statement is asked. */
  naturallySweet: string | null
  /** Beside a sugar claim on a food that is not low in calories; null where none is asked. */
  notLowCalorie: { statement: string; lowKcalPerReference: number; cite: string } | null
  /** g, or mg, per reference amount above which a nutrition claim must point to the nutrient. */
  disclosure: {
    /** In the order they are named. */
    over: { nutrient: NutrientCode; limit: number; name: string }[]
    /** Judged per reference amount, and per this where that is `smallReference` or less; per 100 g where none is known. */
    smallReference: number
    per: number
    /** `{nutrients}` stands for those over. */
    text: string
    cite: string
  } | null
  lowCarbohydrate: 'notPermitted' | 'notDefined'
}
