// Eight more whole recipes, written and committed before the reader was run on any of them. Run once: 58 of 84 lines, 11 of 18
// facts, no recipe without a fault. Only the notation was put right afterwards: zest, juice and seeds are forms, no part of a name.
// All invented.
import type { SaidRecipe } from './firstRecipes'

export const recipes: readonly SaidRecipe[] = [
  {
    text: `From: Nell
Subject: that lemon drizzle you asked for

Hi love, here it is, no gluten no dairy.

175g plant butter (the firm sort)
175g golden caster sugar
3 large free-range eggs
140g rice flour + 35g cornflour
1½ tsp GF baking powder
zest of 2 unwaxed lemons

for the drizzle:
juice of the 2 lemons
85g granulated sugar

Cream butter & sugar, eggs one by one, fold in flours, bp and zest. 2lb loaf tin, greased and lined. 170 fan for 45 to 50 mins. Spike it all over and pour on the drizzle while hot.

Cuts into 10. x`,
    lines: [
      '175 g plant butter',
      '175 g golden caster sugar',
      '3 each eggs',
      '140 g rice flour',
      '35 g cornflour',
      '1.5 tsp gf baking powder',
      '2 each unwaxed lemons',
      '2 each lemons',
      '85 g granulated sugar',
    ],
    also: [],
    celsius: 170,
    minutes: '45~50',
    pieces: 10,
  },
  {
    text: `CHOC ORANGE TORTE			yield: 1 x 23cm / 12 ptn

Qty	Unit	Ingredient	Notes
250	g	dark chocolate 70%	df, check label
200	g	caster sugar
200	g	ground almonds
6	ea	eggs	separated
2	ea	oranges	whole, boiled 1 hr, blitzed
1	tsp	baking powder	gf
pinch		salt
10	g	cocoa	to dust

Oven 160C, 55 min`,
    lines: [
      '250 g dark chocolate 70%',
      '200 g caster sugar',
      '200 g ground almonds',
      '6 each eggs',
      '2 each oranges',
      '1 tsp baking powder',
      '1 pinch salt',
      '10 g cocoa',
    ],
    also: [],
    celsius: 160,
    minutes: '55',
    pieces: 12,
  },
  {
    text: `Tahini & date flapjacks
(oat free! uses buckwheat flakes)

You will need
- Buckwheat flakes, 250g
- Medjool dates, 150g, stoned and chopped
- Tahini, 4 heaped tbsp
- Maple syrup, 100ml
- Coconut oil, 80g, melted (plus a little for the tin)
- Flaked sea salt
- Sesame seeds for scattering, a small handful

What you do
Warm tahini, syrup and oil together. Stir through the flakes, dates and a good pinch of the salt. Press into an oiled 20cm square tin, scatter over the sesame. Bake 25 minutes at 180°C. Cool completely before cutting into 16 squares. Will keep 5 days in a tin.`,
    lines: [
      '250 g buckwheat flakes',
      '150 g medjool dates',
      '4 tbsp tahini',
      '100 ml maple syrup',
      '80 g coconut oil',
      '~ coconut oil',
      '~ flaked sea salt',
      '1 handful sesame seeds',
    ],
    also: [],
    celsius: 180,
    minutes: '25',
    pieces: 16,
  },
  {
    text: `Mrs Fenn's Christmas pud (egg free)

6 oz raisins, 6 oz sultanas, 4 oz currants
3 oz each of mixed peel and glacé cherries
1 medium carrot, grated
1 small apple, ditto
4 oz GF breadcrumbs
4 oz veg suet (gf)
4 oz dark muscovado
2 tsp mixed spice
½ tsp nutmeg
grated rind & juice 1 orange
¼ pt stout - use GF!
2 tbs brandy, and more for flaming

Mix the lot, leave overnight, steam 6 hrs in a 2 pt basin. Makes 1.`,
    lines: [
      '6 oz raisins',
      '6 oz sultanas',
      '4 oz currants',
      '3 oz mixed peel',
      '3 oz glacé cherries',
      '1 each carrot',
      '1 each apple',
      '4 oz gf breadcrumbs',
      '4 oz veg suet',
      '4 oz dark muscovado',
      '2 tsp mixed spice',
      '0.5 tsp nutmeg',
      '1 each orange',
      '0.25 pint stout',
      '2 tbsp brandy',
      '~ brandy',
    ],
    also: [],
  },
  {
    text: `Peanut butter blondies. Line a 9x13 inch pan. Whisk together 1 cup smooth peanut butter, 3/4 cup packed light brown sugar, 2 eggs and 2 teaspoons of vanilla extract. Stir in a half cup of oat flour (certified), 1 tsp baking soda and a quarter teaspoon of salt. Fold in 1 1/2 cups dairy-free white chocolate chips, keeping back a handful for the top. Spread, sprinkle with the reserved chips and a bit of flaky salt, and bake at 350F for 22-25 minutes. Makes 24 bars.`,
    lines: [
      '1 cup smooth peanut butter',
      '0.75 cup light brown sugar',
      '2 each eggs',
      '2 tsp vanilla extract',
      '0.5 cup oat flour',
      '1 tsp baking soda',
      '0.25 tsp salt',
      '1.5 cup dairy-free white chocolate chips',
      '~ flaky salt',
    ],
    also: [],
    celsius: 177,
    minutes: '22~25',
    pieces: 24,
  },
  {
    text: `RYE-FREE "RYE" BREAD (1 loaf)          baker's %
------------------------------------------------
teff flour              200 g            40
brown rice flour        150 g            30
potato starch           150 g            30
psyllium husk            20 g             4
water (warm)            480 g            96
black treacle            20 g             4
caraway                   6 g           1.2
fine salt                10 g             2
instant yeast             7 g           1.4
------------------------------------------------
TOTAL DOUGH            1043 g

Autolyse 10 mins // mix 5 // prove 60 mins @ 28C // bake 50 mins @ 220C w/ steam, dropping to 200C after 15.`,
    lines: [
      '200 g teff flour',
      '150 g brown rice flour',
      '150 g potato starch',
      '20 g psyllium husk',
      '480 g water',
      '20 g black treacle',
      '6 g caraway',
      '10 g fine salt',
      '7 g instant yeast',
    ],
    also: [],
    celsius: 220,
    minutes: '50',
  },
  {
    text: `Rhubarb custard tartlets – makes 12

PASTRY
225g GF plain flour
½ tsp xanthan
100g cold block marg, cubed
25g icing sugar
1 egg yolk + 2–3 tbsp iced water

CUSTARD
300ml oat cream
100ml oat milk
3 yolks
50g caster
1 tbsp cornflour
seeds from ½ vanilla pod

TOP
200g rhubarb, in 3cm batons, roasted with 1 tbsp sugar
a few pistachios, slivered (leave off for nut-free)

Blind bake the cases 12 min at 190C/170C fan then 5 more without the beans. Fill, bake 18 min at 160C/140C fan until just wobbling.`,
    lines: [
      '225 g gf plain flour',
      '0.5 tsp xanthan',
      '100 g block marg',
      '25 g icing sugar',
      '1 each egg yolk',
      '2~3 tbsp iced water',
      '300 ml oat cream',
      '100 ml oat milk',
      '3 each yolks',
      '50 g caster',
      '1 tbsp cornflour',
      '0.5 each vanilla pod',
      '200 g rhubarb',
      '1 tbsp sugar',
      '~ pistachios',
    ],
    also: [],
    pieces: 12,
  },
  {
    text: `beetroot brownies!!
so u need 250g cooked beetroot (not the pickled kind lol), 200g dark choc, 100g coconut oil, 3 flax eggs (3tbsp ground flax n 9tbsp water), 200g coconut sugar, 100g ground almonds n 50g cocoa, tsp baking powder
blitz the beetroot, melt choc n oil, mix everything, 180 for half an hour in ur brownie tin
optional: handful of walnuts chopped
cut in 16`,
    lines: [
      '250 g cooked beetroot',
      '200 g dark choc',
      '100 g coconut oil',
      '3 tbsp ground flax',
      '9 tbsp water',
      '200 g coconut sugar',
      '100 g ground almonds',
      '50 g cocoa',
      '1 tsp baking powder',
      '1 handful walnuts',
    ],
    also: [],
    celsius: 180,
    minutes: '30',
    pieces: 16,
  },
]
