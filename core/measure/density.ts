// Typical weights of kitchen measures, used until the bakery has weighed its own. Common practice, no published source.
import { millilitresOf } from './convert'

const us = millilitresOf('cup')!
/** Grams in one US customary cup, or in one medium piece, by the names a thing goes by. */
const perCup: [names: string[], grams: number][] = [
  [['water', 'tap water', 'boiling water', 'warm water', 'cold water'], 236.6],
  [
    [
      'free-from plain flour blend',
      'gluten-free plain flour',
      'gluten-free flour',
      'house flour blend',
      'plain flour blend',
    ],
    136,
  ],
  [['buckwheat flour'], 130],
  [['brown rice flour', 'rice flour', 'white rice flour'], 158],
  [['tapioca starch', 'tapioca flour', 'arrowroot'], 120],
  [['cornflour', 'cornstarch', 'corn starch'], 128],
  [['potato starch'], 160],
  [['white sugar', 'caster sugar', 'granulated sugar', 'sugar', 'light cane sugar', 'cane sugar'], 200],
  [['icing sugar', 'powdered sugar'], 120],
  [['brown sugar', 'light brown sugar', 'dark brown sugar', 'muscovado sugar'], 213],
  [['butter', 'plant butter', 'margarine', 'block margarine'], 226],
  [['chopped dark chocolate', 'dark chocolate'], 170],
  [['chocolate drops', 'chocolate chips'], 156],
  [['coconut flour'], 108],
  [['erythritol', 'erythritol blend'], 172],
  [['ground almonds', 'almond flour', 'almond meal', 'blanched almond flour'], 104],
  [['fine salt', 'salt', 'sea salt'], 288],
  [['baking powder'], 240],
  [['bicarbonate of soda', 'baking soda'], 220],
  [['ground linseed', 'linseed', 'ground flaxseed'], 112],
  [['cocoa powder', 'cocoa'], 85],
  [['milk', 'oat drink', 'rice drink', 'soya drink', 'coconut milk', 'coconut drink'], 242],
  [['vegetable oil', 'rapeseed oil', 'sunflower oil', 'olive oil', 'coconut oil'], 218],
  [['honey', 'golden syrup'], 340],
  [['maple syrup', 'date syrup', 'agave syrup', 'syrup'], 322],
  [['yoghurt', 'coconut yoghurt', 'soya yoghurt'], 245],
  [['polenta', 'cornmeal'], 157],
  [['oats', 'rolled oats', 'porridge oats'], 90],
  [['vanilla extract'], 208],
  [['lemon juice', 'lime juice', 'orange juice', 'cider vinegar'], 240],
  [['lemon zest', 'lime zest', 'orange zest'], 96],
  [['desiccated coconut'], 85],
  [['raisins', 'sultanas'], 150],
]

/** Grams of one piece: an egg by weight out of its shell, fruit peeled or stoned. */
const perPiece: [names: string[], sizes: { small: number; medium: number; large: number }][] = [
  [['egg', 'eggs', 'free-range eggs', 'hen egg'], { small: 38, medium: 44, large: 50 }],
  [['egg yolk', 'egg yolks'], { small: 14, medium: 15, large: 17 }],
  [['egg white', 'egg whites'], { small: 24, medium: 29, large: 33 }],
  [['lemon zest'], { small: 4, medium: 6, large: 8 }],
  [['lime zest'], { small: 3, medium: 4, large: 5 }],
  [['orange zest'], { small: 8, medium: 10, large: 13 }],
  [['lemon juice'], { small: 30, medium: 45, large: 60 }],
  [['lime juice'], { small: 20, medium: 30, large: 40 }],
  [['orange juice'], { small: 60, medium: 80, large: 100 }],
  [['banana', 'bananas'], { small: 80, medium: 100, large: 120 }],
  [['apple', 'apples'], { small: 100, medium: 130, large: 170 }],
]

const index = <T>(table: [string[], T][]) =>
  new Map(table.flatMap(([names, fact]) => names.map(name => [name, fact] as const)))
const cups = index(perCup)
const pieces = index(perPiece)
const key = (name: string) => name.toLowerCase().split(',')[0]!.trim()

/** Typical g per ml of the thing known by `name`, or null: nothing is guessed from a name not in the table. */
export const typicalGramsPerMl = (name: string): number | null => {
  const grams = cups.get(key(name))
  return grams === undefined ? null : grams / us
}
/** Typical grams of a piece by size, or null. */
export const typicalPiece = (name: string) => pieces.get(key(name)) ?? null
