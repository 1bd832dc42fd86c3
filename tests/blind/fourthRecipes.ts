// Seven more recipes, written when what the third set showed was mended, and before the reader was run on any. All invented.
import type { SaidRecipe } from './firstRecipes'

export const recipes: readonly SaidRecipe[] = [
  {
    text: `GINGER PARKIN SQUARES (GF, DF)
SERVES 16 PREP 15 MINS COOK 50 MINS

INGREDIENTS
• 200g certified GF oats, blitzed
• 200g GF plain flour
• 1 tbsp ground ginger
• 200g golden syrup
• 50g black treacle
• 150g dairy-free block
• 150g dark brown sugar
• 2 eggs
• 4 tbsp oat milk

METHOD
1 Heat oven to 160C/140C fan/gas 3. Grease a deep 22cm square tin and line.
2 Melt syrup, treacle, block & sugar.
3 Mix dry things, pour in melted mix, then eggs and milk.
4 Bake 50 mins to 1 hr.
TO STORE: Keeps for 2 weeks in a tin.`,
    lines: [
      '200 g certified gf oats',
      '200 g gf plain flour',
      '1 tbsp ground ginger',
      '200 g golden syrup',
      '50 g black treacle',
      '150 g dairy-free block',
      '150 g dark brown sugar',
      '2 each eggs',
      '4 tbsp oat milk',
    ],
    also: [],
    celsius: 160,
    minutes: '50~60',
    pieces: 16,
  },
  {
    text: `Coconut macaroons

3 egg whites
a pinch of cream of tartar
150 g caster sugar
200 g desiccated coconut
melted dark chocolate for dipping

Whisk the whites. Fold the rest through and pipe onto rice paper. 150 C for 20 minutes. Dip the bases in chocolate, drizzle with the leftover.

(Mum always put a glacé cherry on each)`,
    lines: [
      '3 each egg whites',
      '1 pinch cream of tartar',
      '150 g caster sugar',
      '200 g desiccated coconut',
      '~ dark chocolate',
    ],
    also: ['rice paper', 'glacé cherry'],
    celsius: 150,
    minutes: '20',
  },
  {
    text: `Seeded crackers — makes about 30
Chickpea flour 1 cup / 120 g
Ground flax 2 Tbsp
Sesame seeds ¼ cup
Pumpkin seeds ¼ cup
Olive oil 3 Tbsp
Water 80 ml
Salt ½ tsp
Method: Stir everything. Roll out thin between two sheets of baking paper dusted with a bit more chickpea flour. Score. Bake at 170 °C 22-25 min.`,
    lines: [
      '1 cup chickpea flour',
      '2 tbsp ground flax',
      '0.25 cup sesame seeds',
      '0.25 cup pumpkin seeds',
      '3 tbsp olive oil',
      '80 ml water',
      '0.5 tsp salt',
    ],
    also: [],
    celsius: 170,
    minutes: '22~25',
    pieces: 30,
  },
  {
    text: `so for the blondies I take two hundred grams of white chocolate and melt it with one hundred and eighty grams of butter, then three eggs, a hundred and fifty of light brown sugar, one hundred and sixty grams rice flour, a teaspoon of xanthan and a good pinch of salt. into a twenty centimetre tin, one seventy for half an hour, cut in sixteen. sometimes I throw in a handful of pecans.`,
    lines: [
      '200 g white chocolate',
      '180 g butter',
      '3 each eggs',
      '150 g light brown sugar',
      '160 g rice flour',
      '1 tsp xanthan',
      '1 pinch salt',
    ],
    also: ['pecans'],
    celsius: 170,
    minutes: '30',
    pieces: 16,
  },
  {
    text: `Rhubarb crumble cake
Cake:
125 g soft plant butter
125 g sugar
2 eggs
150 g gf self raising flour
2 tbsp plant milk
Topping:
75 g gf flour
50 g cold plant butter
40 g demerara
a few flaked almonds
Also 300 g rhubarb, chopped, tossed in 1 tbsp sugar

Fan 160, 55 min, 8" springform greased with spare butter.
Dust w/ icing sugar, serve with custard or crème fraîche`,
    lines: [
      '125 g plant butter',
      '125 g sugar',
      '2 each eggs',
      '150 g gf self raising flour',
      '2 tbsp plant milk',
      '75 g gf flour',
      '50 g plant butter',
      '40 g demerara',
      '~ flaked almonds',
      '300 g rhubarb',
    ],
    also: ['icing sugar', 'custard', 'crème fraîche'],
    celsius: 160,
    minutes: '55',
  },
  {
    text: `Apfelkuchen ohne Ei
250 g Buchweizenmehl
120 g Rohrzucker
1 Pck. Backpulver
1 Prise Salz
100 ml Sonnenblumenöl
200 ml Haferdrink
3 Äpfel
1 TL Zimt
Alles verrühren, in eine gefettete Form geben, mit Mandelblättchen bestreuen und bei 180 °C 40 Min. backen.`,
    lines: [
      '250 g Buchweizenmehl',
      '120 g Rohrzucker',
      '1 each Backpulver',
      '1 pinch Salz',
      '100 ml Sonnenblumenöl',
      '200 ml Haferdrink',
      '3 each Äpfel',
      '1 tsp Zimt',
    ],
    also: ['Mandelblättchen'],
    celsius: 180,
    minutes: '40',
  },
  {
    text: `| Ingredient | Amount | Notes |
|---|---|---|
| Sorghum flour | 140 g | |
| Tapioca starch | 60 g | or arrowroot |
| Cocoa | 35 g | sieved |
| Sugar | 180 g | |
| Oil | 90 ml | sunflower |
| Boiling water | 120 ml | |
| Eggs | 2 | large |

Two 7 inch tins. 170°C, 28 minutes. Sandwich with raspberry jam and whipped cream.`,
    lines: [
      '140 g sorghum flour',
      '60 g tapioca starch',
      '35 g cocoa',
      '180 g sugar',
      '90 ml oil',
      '120 ml boiling water',
      '2 each large eggs',
    ],
    also: ['raspberry jam', 'whipped cream'],
    celsius: 170,
    minutes: '28',
  },
]
