// Other names for one and the same thing, between kitchens and countries. Common practice, no published source.
// Only true synonyms: whoever looks for one may be handed the other; what differs in fact (potato flour and starch) is left out.

const groups: readonly (readonly string[])[] = [
  ['ground almonds', 'almond meal', 'almond flour'],
  ['ground hazelnuts', 'hazelnut meal', 'hazelnut flour'],
  ['caster sugar', 'superfine sugar', 'caster'],
  ['icing sugar', 'powdered sugar', 'confectioners sugar', 'icing sug'],
  ['bicarbonate of soda', 'baking soda', 'sodium bicarbonate', 'bicarb', 'bicarb of soda', 'bicarb soda'],
  ['baking powder', 'baking pdr', 'bkg pdr', 'b. powder', 'b.powder'],
  ['cornflour', 'cornstarch', 'corn starch', 'maize starch'],
  ['tapioca starch', 'tapioca flour', 'cassava starch'],
  ['linseed', 'flaxseed', 'flax seed', 'flax'],
  ['ground linseed', 'linseed, ground', 'flaxseed meal', 'ground flaxseed', 'flax meal'],
  ['psyllium husk', 'psyllium husks', 'ispaghula husk', 'psyllium'],
  ['xanthan gum', 'xanthan', 'E415'],
  ['guar gum', 'E412'],
  ['gram flour', 'chickpea flour', 'besan'],
  ['sorghum flour', 'jowar flour'],
  ['buckwheat flour', 'sarrasin flour'],
  ['millet flour', 'bajra flour'],
  ['polenta', 'cornmeal', 'maize meal'],
  ['rapeseed oil', 'canola oil'],
  ['groundnut oil', 'peanut oil'],
  ['plant butter', 'vegan butter', 'dairy-free butter', 'vegan block'],
  ['oat drink', 'oat milk'],
  ['rice drink', 'rice milk'],
  ['soya drink', 'soy milk', 'soya milk'],
  ['almond drink', 'almond milk'],
  ['double cream', 'heavy cream'],
  ['black treacle', 'molasses'],
  ['demerara sugar', 'raw cane sugar', 'demerara'],
  ['granulated sugar', 'granulated'],
  ['maple syrup', 'maple'],
  ['vanilla extract', 'vanilla', 'vanilla ess.'],
  ['cocoa powder', 'cocoa'],
  ['cider vinegar', 'apple cider vinegar', 'acv'],
  ['dark chocolate', 'dark choc'],
  ['milk chocolate', 'milk choc'],
  ['white chocolate', 'white choc'],
  ['vegetable oil', 'veg oil'],
  ['rolled oats', 'porridge oats'],
  ['peanut butter', 'pb'],
  ['courgette', 'zucchini'],
  ['beetroot', 'beet', 'beets'],
  ['pumpkin seeds', 'pepitas'],
  ['hazelnuts', 'filberts'],
  ['sultanas', 'golden raisins'],
  ['mixed peel', 'candied peel'],
  ['glacé cherries', 'candied cherries'],
  ['desiccated coconut', 'dried shredded coconut'],
  ['plain flour', 'all-purpose flour'],
  ['self-raising flour', 'self-rising flour', 's.r. flour', 'sr flour'],
  ['wholemeal flour', 'whole wheat flour'],
  ['fine sea salt', 'table salt'],
  ['sesame paste', 'tahini'],
  ['soya lecithin', 'soy lecithin', 'E322'],
  ['vegetable stock', 'vegetable broth'],
  ['chocolate drops', 'chocolate chips', 'choc chips', 'choc drops'],
  ['baking paper', 'parchment paper', 'greaseproof paper'],
]

const plain = (name: string) => name.trim().toLowerCase().replace(/[’']/g, '').replace(/\s+/g, ' ')
const known = new Map<string, readonly string[]>()
for (const group of groups)
  for (const name of group)
    known.set(
      plain(name),
      group.filter(other => other !== name),
    )

/** The other names of a thing; empty where none is known. */
export const alsoCalled = (name: string): readonly string[] => known.get(plain(name)) ?? []

/** The other names of whatever is called so, or begins to be: of "almond me", as it is being typed, "ground almonds". */
export const meantByStart = (typed: string): readonly string[] => {
  const start = plain(typed)
  return start.length < 3
    ? []
    : [...new Set(groups.flatMap(group => (group.some(name => plain(name).startsWith(start)) ? group.map(plain) : [])))]
}
