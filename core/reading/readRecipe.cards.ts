// Recipes as notebooks, cards and pages have them, all invented, and what is to be read from each. For the test beside readRecipe.
export interface Card {
  text: string
  title: string
  pieces: number | null
  celsius: number | null
  /** In the oven. */
  minutes: string | null
  tin: string | null
  /** Heading, amount, item with the form it does not name itself, role where it is not "mix". */
  lines: string[]
  /** When each step is done. */
  steps: string
  /** Rows kept aside. */
  unread: number
}

export const cards: Card[] = [
  {
    text: `Nan's parkin (dairy free)

from Auntie's red notebook — doubles well!!

8oz oatmeal, medium (use GF)
4 oz GF s.r. flour
half tsp bicarb
pinch salt
2 tsp ground ginger
1/2 tsp mixed spice
7 oz golden syrup + 2oz black treacle
4 oz marg
4oz soft brown sugar
1 lg egg, beaten w/ 1 tbsp oat milk

Gas 2 / 150C. Line a 7" sq tin.
Melt syrup, treacle, marg & sugar over low heat - don't boil.
Mix dry. Pour in melted. Beat in egg.
Bake 1 - 1 1/4 hrs until firm.
Keep 3 days in tin before cutting. Cuts into 16.`,
    title: "Nan's parkin (dairy free)",
    pieces: 16,
    celsius: 150,
    minutes: '60-75',
    tin: '1 x square side 17.8 depth 5',
    lines: [
      ' | 8 oz | oatmeal',
      ' | 4 oz | GF s.r. flour',
      ' | 0.5 tsp | bicarb',
      ' | 1 pinch | salt',
      ' | 2 tsp | ground ginger',
      ' | 0.5 tsp | mixed spice',
      ' | 7 oz | golden syrup',
      ' | 2 oz | black treacle',
      ' | 4 oz | marg',
      ' | 4 oz | soft brown sugar',
      ' | 1 each | egg',
      ' | 1 tbsp | oat milk',
    ],
    steps: 'ahead bench bench oven after',
    unread: 1,
  },
  {
    text: `# Raspberry & rose friands

*Makes 12*

| Ingredient | Amount |
|---|---|
| Ground almonds | 125 g |
| Icing sugar | 210 g |
| GF plain flour | 65 g |
| Egg whites | 6 (about 200 g) |
| Melted dairy-free spread | 170 g |
| Raspberries | 100 g, fresh or frozen |
| Rose water | ½ tsp |

## Directions
- Preheat oven to 180°C fan.
- Whisk egg whites till frothy; stir through everything else bar the raspberries.
- Divide between 12 friand moulds (~60g each), dot w/ raspberries.
- Bake 22–25 min, skewer comes out clean.`,
    title: 'Raspberry & rose friands',
    pieces: 12,
    celsius: 180,
    minutes: '22-25',
    tin: null,
    lines: [
      ' | 125 g | Ground almonds',
      ' | 210 g | Icing sugar',
      ' | 65 g | GF plain flour',
      ' | 6 each | Egg whites',
      ' | 170 g | dairy-free spread, melted',
      ' | 100 g | Raspberries',
      ' | 0.5 tsp | Rose water',
    ],
    steps: 'ahead bench bench oven',
    unread: 0,
  },
  {
    text: `CHOC TRAYBAKE x 2 (9x13)
FLOUR MIX  480G
COCOA 90G
BICARB 2t
XANTHAN 1t
SUGAR CASTER 500G
EGGS 5 LRG
OIL 240ML
SOYA MILK 460ML + 2T VINEGAR
VANILLA 1T
ICING - 250G ICING SUG, 60G COCOA, 120G HARD MARG, 3-4T BOILING WATER
170 FAN 35-40M`,
    title: 'CHOC TRAYBAKE x 2 (9x13)',
    pieces: null,
    celsius: 170,
    minutes: '35-40',
    tin: '1 x rectangle length 33 width 22.9 depth 4',
    lines: [
      ' | 480 g | FLOUR MIX',
      ' | 90 g | COCOA',
      ' | 2 tsp | BICARB',
      ' | 1 tsp | XANTHAN',
      ' | 500 g | SUGAR CASTER',
      ' | 5 each | EGGS',
      ' | 240 ml | OIL',
      ' | 460 ml | SOYA MILK',
      ' | 2 tbsp | VINEGAR',
      ' | 1 tbsp | VANILLA',
      ' | 250 g | ICING SUG',
      ' | 60 g | COCOA',
      ' | 120 g | HARD MARG',
      ' | 3-4 tbsp | BOILING WATER',
    ],
    steps: 'oven',
    unread: 0,
  },
  {
    text: `Biscuit base:
200g digestives (gluten-free), crushed
80g vegan block, melted

Filling:
3 x 280g tubs vegan soft cheese (840g)
1 x 397g tin condensed coconut milk
juice and finely grated zest of 3 unwaxed lemons
2 level tbsp cornflour mixed with 3 tbsp cold water

To decorate:
A few mint leaves (optional)
lemon slices

1. Crush biscuits. Mix with melted block & press into a 23cm loose-bottomed tin. Chill 30 mins.
2. Beat the soft cheese w/ condensed milk. Add juice, zest & cornflour paste.
3. Pour over base and chill at least 6 hrs or overnight.`,
    title: '',
    pieces: null,
    celsius: null,
    minutes: null,
    tin: '1 x round diameter 23 depth 6',
    lines: [
      'Biscuit base | 200 g | digestives',
      'Biscuit base | 80 g | vegan block, melted',
      'Filling | 840 g | vegan soft cheese',
      'Filling | 397 g | condensed coconut milk',
      'Filling | 3 each | unwaxed lemons, juice and zest',
      'Filling | 2 tbsp | cornflour',
      'Filling | 3 tbsp | water',
      'To decorate | some | mint leaves | finish',
      'To decorate |  | lemon slices | finish',
    ],
    steps: 'bench bench bench',
    unread: 0,
  },
  {
    text: `Ground almonds\t125\tg
Icing sugar\t210\tg
Egg whites\t6\t
Rose water\t0.5\ttsp`,
    title: '',
    pieces: null,
    celsius: null,
    minutes: null,
    tin: null,
    lines: [' | 125 g | Ground almonds', ' | 210 g | Icing sugar', ' | 6 each | Egg whites', ' | 0.5 tsp | Rose water'],
    steps: '',
    unread: 0,
  },
  {
    text: `Amount\tIngredient
125 g\tground almonds
210 g\ticing sugar
1/2 tsp\trose water`,
    title: '',
    pieces: null,
    celsius: null,
    minutes: null,
    tin: null,
    lines: [' | 125 g | ground almonds', ' | 210 g | icing sugar', ' | 0.5 tsp | rose water'],
    steps: '',
    unread: 0,
  },
  {
    text: `Lemon Drizzle Loaf (Gluten Free)
Jump to Recipe
★★★★★ 4.8 from 23 votes
Prep Time: 15 minutes
Cook Time: 45 minutes
Total Time: 1 hour
Servings: 10 slices
Course: Dessert
Author: A. Baker

Ingredients
1x 2x 3x
US Customary – Metric
▢ 175 g (¾ cup) dairy free spread, at room temp
▢ 175 g (¾ cup + 2 tbsp) caster sugar
▢ 3 eggs (medium, UK)
▢ 175 g (1 ½ cups) gluten free self raising flour *see note 1
▢ ¼ teaspoon xanthan gum (if your blend has none)
▢ zest of 1 lemon

For the drizzle
▢ juice of 1½ lemons
▢ 85 g granulated sugar

Instructions
Preheat the oven to 180C / 160C fan / 350F and line a 2lb loaf tin.
In a bowl, cream together the spread and the sugar.
Add the eggs one at a time, beating after each.
Bake for 45-50 mins, checking after 40.

Notes
1. I use a blend of rice, potato and tapioca.
Nutrition
Calories: 230kcal | Carbohydrates: 31g | Protein: 4g | Fat: 10g`,
    title: 'Lemon Drizzle Loaf (Gluten Free)',
    pieces: 10,
    celsius: 180,
    minutes: '45',
    tin: '1 x loaf length 23 width 13 depth 7',
    lines: [
      ' | 175 g | dairy free spread',
      ' | 175 g | caster sugar',
      ' | 3 each | eggs',
      ' | 175 g | gluten free self raising flour',
      ' | 0.25 tsp | xanthan gum',
      ' | 1 each | lemon, zest',
      'Drizzle | 1.5 each | lemons, juice | finish',
      'Drizzle | 85 g | granulated sugar | finish',
    ],
    steps: 'ahead bench bench oven',
    unread: 8,
  },
  {
    text: `No bake protein bars

what you need -
oats (certified) 2 cups
pb 1/2 c
honey or maple 1/3 c
protein powder ~60g
choc chips small handful + extra to press on top
splash almond milk if too dry

mix, press in 8in pan, fridge 2h, cut in 12`,
    title: 'No bake protein bars',
    pieces: 12,
    celsius: null,
    minutes: null,
    tin: null,
    lines: [
      ' | 2 cup | oats',
      ' | 0.5 cup | pb',
      ' | 0.333 cup | honey',
      ' | 60 g | protein powder',
      ' | some | choc chips',
      ' | some | choc chips | finish',
      ' | 1 splash | almond milk',
    ],
    steps: 'bench',
    unread: 0,
  },
  {
    text: `Sticky toffee puds
(6 individual, 150ml basins)

dates 175g pitted + chopped
boiling water 175ml
bicarb 1tsp
eggs 2
demerara 175g
spread 75g
s/r gf flour 175g
vanilla 1tsp

SAUCE
soft dark sugar 100g
spread 100g
oat cream 150ml

Soak dates in water w bicarb 10 mins. Cream spread + sugar, add eggs, flour, date mix.
Fill basins 2/3. 180 / gas 4 for 20-25 mins.
Sauce: all in pan, bubble 3 mins.`,
    title: 'Sticky toffee puds',
    pieces: null,
    celsius: 180,
    minutes: '20-25',
    tin: '1 x cups count 6 volumeMl 150',
    lines: [
      ' | 175 g | dates',
      ' | 175 ml | boiling water',
      ' | 1 tsp | bicarb',
      ' | 2 each | eggs',
      ' | 175 g | demerara',
      ' | 75 g | spread',
      ' | 175 g | s/r gf flour',
      ' | 1 tsp | vanilla',
      'Sauce | 100 g | soft dark sugar',
      'Sauce | 100 g | spread',
      'Sauce | 150 ml | oat cream',
    ],
    steps: 'ahead oven bench',
    unread: 1,
  },
  {
    text: `Ingredients (makes about 24 biscuits)
• 9 oz/250 g plain gf flour plus extra for dusting
• 5½oz (155g) cold hard plant butter, cubed
• 3½ oz. (100 g) golden caster sugar
• 1 x medium free-range egg yolk
• A good grating of nutmeg
• Icing sugar, for dusting
• Sprinkles, to decorate (check for wheat)

Method
Step 1
Rub the butter into flour.
Step 2
Stir in sugar and yolk, bring together, and rest in the fridge 30 minutes.
Step 3
Roll 5mm thick, cut 6 cm rounds, bake at 170°C (150°C fan) for 12 minutes until pale gold.`,
    title: '',
    pieces: 24,
    celsius: 170,
    minutes: '12',
    tin: null,
    lines: [
      ' | 9 oz | plain gf flour',
      ' | some | plain gf flour | release',
      ' | 5.5 oz | hard plant butter',
      ' | 3.5 oz | golden caster sugar',
      ' | 1 each | medium free-range egg yolk',
      ' | some | nutmeg',
      ' |  | Icing sugar | finish',
      ' |  | Sprinkles | finish',
    ],
    steps: 'bench bench oven',
    unread: 3,
  },
  {
    text: `Ingredients: 200g rice flour, 100g plant butter, 2 eggs, 1 tsp vanilla
Method: Mix the lot. Bake 180 for 20 min.`,
    title: '',
    pieces: null,
    celsius: 180,
    minutes: '20',
    tin: null,
    lines: [' | 200 g | rice flour', ' | 100 g | plant butter', ' | 2 each | eggs', ' | 1 tsp | vanilla'],
    steps: 'oven',
    unread: 0,
  },
  {
    text: `Flourless chestnut cake (from the winter menu, v3)

200g cooked chestnuts (vac pack)
250ml whole oat milk
250g dark choc 70% - check label!
250g plant block
4 eggs separated
125g caster

Heat chestnuts in the milk till boiling, blitz.
Melt choc & block together.
Yolks + sugar, whisk. Add choc, then chestnut puree.
Whites to soft peaks, fold in.
25cm greased + lined springform, 170°C 25-30 min. Will wobble.
Serve warm or cold w/ cream (oat).`,
    title: 'Flourless chestnut cake (from the winter menu, v3)',
    pieces: null,
    celsius: 170,
    minutes: '25-30',
    tin: '1 x round diameter 25 depth 6',
    lines: [
      ' | 200 g | cooked chestnuts',
      ' | 250 ml | whole oat milk',
      ' | 250 g | dark choc 70%',
      ' | 250 g | plant block',
      ' | 4 each | eggs',
      ' | 125 g | caster',
    ],
    steps: 'bench bench bench bench oven bench',
    unread: 0,
  },
  {
    text: `Peanut-free "snickery" slice
makes 1 tray = 20 pcs

Layer 1
100 g coconut oil
50 g maple
160 g sunflower flour (or ground sunflower seeds)
pinch of salt

Layer 2
200 g sunflower butter
200 g medjool dates (stones out)
60 ml water, hot

Layer 3
200 g dairy-free choc
1 tbsp coconut oil

L1: melt, mix, press into a 20x20 tin, freezer 15 min
L2: blend smooth, spread
L3: melt, pour, chill 1 hr, cut`,
    title: 'Peanut-free "snickery" slice',
    pieces: 20,
    celsius: null,
    minutes: null,
    tin: null,
    lines: [
      'Layer 1 | 100 g | coconut oil',
      'Layer 1 | 50 g | maple',
      'Layer 1 | 160 g | sunflower flour',
      'Layer 1 | 1 pinch | salt',
      'Layer 2 | 200 g | sunflower butter',
      'Layer 2 | 200 g | medjool dates',
      'Layer 2 | 60 ml | water',
      'Layer 3 | 200 g | dairy-free choc',
      'Layer 3 | 1 tbsp | coconut oil',
    ],
    steps: 'bench bench bench',
    unread: 0,
  },
  {
    text: `Scones - allergy friendly
---------------------------
Self raising GF flour ............ 500g
Baking powder ................. 2 tsp
Caster sugar .................. 60g
Dairy free block (cold) ......... 120g
Soya milk ..................... 250ml approx
Lemon juice ..................... 1 tbsp
Extra milk for glazing

1) Oven 220C/200 fan.
2) Rub fat into flour, b.powder, sugar.
3) Sour the milk w/ lemon, add, bring together gently.
4) Pat to 3cm thick, cut with 6cm cutter, glaze.
5) 12-14 mins.
Yield 12`,
    title: 'Scones - allergy friendly',
    pieces: 12,
    celsius: 220,
    minutes: '12-14',
    tin: null,
    lines: [
      ' | 500 g | Self raising GF flour',
      ' | 2 tsp | Baking powder',
      ' | 60 g | Caster sugar',
      ' | 120 g | Dairy free block',
      ' | 250 ml | Soya milk',
      ' | 1 tbsp | Lemon, juice',
      ' |  | milk | finish',
    ],
    steps: 'ahead bench bench bench oven',
    unread: 1,
  },
  {
    text: `Auntie's ginger fairings. Cream 4oz block with 4oz sugar, add a tablespoon of golden syrup, then 8oz plain gf flour, 2 tsp ginger, 1 tsp bicarb. Roll in balls, bake gas 4 for 15 mins. Makes about 20.`,
    title: "Auntie's ginger fairings",
    pieces: 20,
    celsius: 180,
    minutes: '15',
    tin: null,
    lines: [
      ' | 4 oz | block',
      ' | 4 oz | sugar',
      ' | 1 tbsp | golden syrup',
      ' | 8 oz | plain gf flour',
      ' | 2 tsp | ginger',
      ' | 1 tsp | bicarb',
    ],
    steps: 'bench oven bench',
    unread: 0,
  },
  {
    text: `Vegan lemon curd

5 lemons (zest of 2, juice of all — approx 200ml)
150 g sugar
30 g cornflour
pinch turmeric
200 ml coconut milk (full fat, tinned)
50 g block

Whisk the lot bar the block in a pan.
Med heat until thick. 
Off the heat beat in block. Jar. Keeps 1 wk in fridge.
Makes 2 jars / 500g`,
    title: 'Vegan lemon curd',
    pieces: 2,
    celsius: null,
    minutes: null,
    tin: null,
    lines: [
      ' | 5 each | lemons',
      ' | 150 g | sugar',
      ' | 30 g | cornflour',
      ' | 1 pinch | turmeric',
      ' | 200 ml | coconut milk',
      ' | 50 g | block',
    ],
    steps: 'bench bench after',
    unread: 0,
  },
  {
    text: `Apple & Blackberry Crumble Pots (serves 6-8)

FOR THE FRUIT
700g Bramley apples, peeled, cored & diced
200g blackberries
75g sugar
juice ½ lemon

FOR THE CRUMBLE
100g GF oats
100g ground almonds (sub: ground sunflower for nut-free)
80g demerara sugar
80g coconut oil, solid
1t cinnamon

TO SERVE
oat custard

1. Fruit, sugar & lemon in pan 5 min, lid on.
2. Rub the rest.
3. Layer in 8 x 200ml ramekins. 190°C / 20 mins.`,
    title: 'Apple & Blackberry Crumble Pots (serves 6-8)',
    pieces: 6,
    celsius: 190,
    minutes: '20',
    tin: '1 x cups count 8 volumeMl 200',
    lines: [
      'Fruit | 700 g | Bramley apples',
      'Fruit | 200 g | blackberries',
      'Fruit | 75 g | sugar',
      'Fruit | 0.5 each | lemon, juice',
      'Crumble | 100 g | GF oats',
      'Crumble | 100 g | ground almonds',
      'Crumble | 80 g | demerara sugar',
      'Crumble | 80 g | coconut oil',
      'Crumble | 1 tsp | cinnamon',
      'To serve |  | oat custard | beside',
    ],
    steps: 'bench bench oven',
    unread: 0,
  },
  {
    text: `Protein & fibre flapjacks  |  batch 24
Porridge oats GF 600
Golden syrup 300
Marg 300
Light brown sugar 200
Pumpkin seeds 100
all grams
160c fan 25m then cool in tin`,
    title: 'Protein & fibre flapjacks  |  batch 24',
    pieces: null,
    celsius: 160,
    minutes: '25',
    tin: null,
    lines: [
      ' | 600 g | Porridge oats GF',
      ' | 300 g | Golden syrup',
      ' | 300 g | Marg',
      ' | 200 g | Light brown sugar',
      ' | 100 g | Pumpkin seeds',
    ],
    steps: 'oven',
    unread: 1,
  },
  {
    text: `Dark chocolate & cherry brownies
Serves: 16
Allergens: eggs, soya (check)

200g dark chocolate (min 70%), broken up
200g dairy-free baking block, plus a bit for the tin
3 large free range eggs + 1 yolk
250g golden caster sugar
1 tsp vanilla bean paste
100g rice flour
50g tapioca starch
30g cocoa powder, sifted
½ tsp fine salt
150g frozen dark sweet cherries, defrosted and halved

Preheat to 170C (fan). Line a 20 x 30cm brownie tin.
Melt the choc and block over barely simmering water. Cool 10 mins.
Whisk the eggs and sugar for 5 mins until pale.
Fold everything together; cherries last.
Bake 28 - 32 mins. Cool completely in the tin and then cut into 16 squares.`,
    title: 'Dark chocolate & cherry brownies',
    pieces: 16,
    celsius: 170,
    minutes: '28-32',
    tin: '1 x rectangle length 30 width 20 depth 4',
    lines: [
      ' | 200 g | dark chocolate',
      ' | 200 g | dairy-free baking block',
      ' | some | dairy-free baking block | release',
      ' | 3 each | free range eggs',
      ' | 1 each | egg yolk',
      ' | 250 g | golden caster sugar',
      ' | 1 tsp | vanilla bean paste',
      ' | 100 g | rice flour',
      ' | 50 g | tapioca starch',
      ' | 30 g | cocoa powder',
      ' | 0.5 tsp | fine salt',
      ' | 150 g | frozen dark sweet cherries',
    ],
    steps: 'ahead after bench bench oven',
    unread: 1,
  },
  {
    text: `Basic sponge mix – BATCH CARD 14
Yield: 2 x 8" sandwich

Item | g | %
Block | 225 | 100
Caster | 225 | 100
Egg (whole) | 225 | 100
Flour blend B | 225 | 100
Bkg pdr | 9 | 4
Xanthan | 2 | 0.9
Soya drink | 30 | 13`,
    title: 'Basic sponge mix – BATCH CARD 14',
    pieces: 2,
    celsius: null,
    minutes: null,
    tin: '2 x round diameter 20.3 depth 4',
    lines: [
      ' | 225 g | Block',
      ' | 225 g | Caster',
      ' | 225 g | Egg',
      ' | 225 g | Flour blend B',
      ' | 9 g | Bkg pdr',
      ' | 2 g | Xanthan',
      ' | 30 g | Soya drink',
    ],
    steps: '',
    unread: 0,
  },
  {
    text: `Mrs P's lardy-free mincemeat
1lb Bramleys, grated
8oz shredded veg suet (gf!!)
12oz raisins
8 oz each sultanas & currants
4oz mixed peel - finely chopped
12oz dark brown sugar
grated zest + juice 2 oranges & 2 lemons
2oz flaked almonds (LEAVE OUT for school)
4tsp mixed spice
½tsp cinnamon
nutmeg to taste
6 tbsp brandy

Mix all but brandy. Cover, leave overnight. 
Oven 120°C / gas ½, 3 hrs covered w foil. 
Stir as it cools, add brandy, pot up.
approx 6lb`,
    title: "Mrs P's lardy-free mincemeat",
    pieces: null,
    celsius: 120,
    minutes: '180',
    tin: null,
    lines: [
      ' | 1 lb | Bramleys, grated',
      ' | 8 oz | veg suet',
      ' | 12 oz | raisins',
      ' | 8 oz | sultanas',
      ' | 8 oz | currants',
      ' | 4 oz | mixed peel',
      ' | 12 oz | dark brown sugar',
      ' | 2 each | oranges, zest and juice',
      ' | 2 each | lemons, zest and juice',
      ' | 2 oz | flaked almonds',
      ' | 4 tsp | mixed spice',
      ' | 0.5 tsp | cinnamon',
      ' | some | nutmeg',
      ' | 6 tbsp | brandy',
    ],
    steps: 'bench oven bench bench',
    unread: 0,
  },
  {
    text: `Banana blossom muffins (no egg)

DRY: 
280g gf sr flour
1.5 tsp b. powder
100g light brown
WET: 
3 v ripe bananas (300g peeled)
80ml veg oil
180ml oat m!lk
1 tsp ACV
EXTRAS: 
75g df choc chips
Demerara for tops

180 fan. 12 hole muffin tin w/ cases.
wet into dry, don't overmix
20-22 mins. skewer`,
    title: 'Banana blossom muffins (no egg)',
    pieces: null,
    celsius: 180,
    minutes: '20-22',
    tin: '1 x cups count 12 volumeMl 100',
    lines: [
      'Dry | 280 g | gf sr flour',
      'Dry | 1.5 tsp | b. powder',
      'Dry | 100 g | light brown',
      'Wet | 3 each | v ripe bananas',
      'Wet | 80 ml | veg oil',
      'Wet | 180 ml | oat m!lk',
      'Wet | 1 tsp | ACV',
      'Extras | 75 g | df choc chips',
      'Extras |  | Demerara | finish',
    ],
    steps: 'ahead bench oven',
    unread: 0,
  },
  {
    text: `Almond-free "frangipane"
Makes enough for a 23 cm tart

110 grams softened plant butter
110 grams sugar
2 eggs (100 grams)
90 grams ground pumpkin seeds
20 grams rice flour
Few drops almond extract (synthetic - check with supplier)

Beat. Use at once or keep 3 days chilled.`,
    title: 'Almond-free "frangipane"',
    pieces: null,
    celsius: null,
    minutes: null,
    tin: null,
    lines: [
      ' | 110 g | plant butter',
      ' | 110 g | sugar',
      ' | 2 each | eggs',
      ' | 90 g | ground pumpkin seeds',
      ' | 20 g | rice flour',
      ' | some | almond extract',
    ],
    steps: 'after',
    unread: 1,
  },
  {
    text: `• 2¼ cups (270g) gluten-free all-purpose flour with xanthan gum
• 1 tsp baking soda
• 1 tsp salt
• 1 cup (2 sticks) vegan butter, softened
• ¾ cup each granulated & packed brown sugar
• 2 flax eggs (2 Tbsp ground flax + 6 Tbsp water, rested 10 minutes)
• 2 tsp vanilla
• 2 cups allergy-friendly chocolate chips (12 oz bag)

PREHEAT oven to 375° F.
COMBINE flour, baking soda and salt in small bowl. 
BEAT butter, sugars and vanilla in large bowl until creamy.
DROP by rounded tablespoon onto ungreased baking sheets.
BAKE for 9 to 11 minutes or until golden brown. Cool on baking sheets for 2 minutes.
MAKES ABOUT 5 DOZEN`,
    title: '',
    pieces: 60,
    celsius: 190,
    minutes: '9-11',
    tin: null,
    lines: [
      ' | 2.25 cup | gluten-free all-purpose flour with xanthan gum',
      ' | 1 tsp | baking soda',
      ' | 1 tsp | salt',
      ' | 1 cup | vegan butter',
      ' | 0.75 cup | granulated sugar',
      ' | 0.75 cup | brown sugar',
      ' | 2 each | flax eggs',
      ' | 2 tsp | vanilla',
      ' | 2 cup | allergy-friendly chocolate chips',
    ],
    steps: 'ahead bench bench bench oven',
    unread: 0,
  },
  {
    text: `Courgette & lime loaf cake
(GF, nut free, egg free)

Loaf
220g courgette, coarsely grated and squeezed
200g GF self-raising
150g caster
120ml sunflower oil
100g soya yog
1 lime - zest and juice
1tsp bicarb
quarter tsp salt

Drizzle
2 limes juiced
4 tbsp granulated

Heat oven 180/160fan/gas 4
Oil a 900g loaf tin
Mix wet, mix dry, combine
50-55 mins, cover w foil after 30
Poke holes, pour over drizzle while hot
10 slices`,
    title: 'Courgette & lime loaf cake',
    pieces: 10,
    celsius: 180,
    minutes: '50-55',
    tin: '1 x loaf length 23 width 13 depth 7',
    lines: [
      'Loaf | 220 g | courgette, grated',
      'Loaf | 200 g | GF self-raising',
      'Loaf | 150 g | caster',
      'Loaf | 120 ml | sunflower oil',
      'Loaf | 100 g | soya yog',
      'Loaf | 1 each | lime, zest and juice',
      'Loaf | 1 tsp | bicarb',
      'Loaf | 0.25 tsp | salt',
      'Drizzle | 2 each | limes, juice | finish',
      'Drizzle | 4 tbsp | granulated | finish',
    ],
    steps: 'ahead ahead bench oven bench',
    unread: 1,
  },
  {
    text: `OAT & RAISIN COOKIES
makes 18 × 45 g

170 g soft dark brown sugar
115 g dairy free marg
1 flax egg
5 ml vanilla
140 g GF plain flour
½ t bicarb
½ t cinnamon
¼ t salt
150 g GF jumbo oats
100 g raisins soaked in hot water 10 mins and drained

- cream marg/sugar
- egg + van
- dry in
- oats, raisins
- scoop 45g balls, flatten, 175°C 11-13 mins till edges brown, cool on tray`,
    title: 'OAT & RAISIN COOKIES',
    pieces: 18,
    celsius: 175,
    minutes: '11-13',
    tin: null,
    lines: [
      ' | 170 g | soft dark brown sugar',
      ' | 115 g | dairy free marg',
      ' | 1 each | flax egg',
      ' | 5 ml | vanilla',
      ' | 140 g | GF plain flour',
      ' | 0.5 tsp | bicarb',
      ' | 0.5 tsp | cinnamon',
      ' | 0.25 tsp | salt',
      ' | 150 g | GF jumbo oats',
      ' | 100 g | raisins',
    ],
    steps: 'bench bench bench bench oven',
    unread: 0,
  },
  {
    text: `Mum's trifle sponge fingers

Eggs - 3
Caster sugar - same weight as eggs
Potato flour - 60g
Cornflour - 60g
Icing sugar to dust

Whisk eggs & sugar to ribbon, 8 minutes.
Sift over flours, fold.
Pipe fingers on lined trays & dust.
200C 8 mins`,
    title: "Mum's trifle sponge fingers",
    pieces: null,
    celsius: 200,
    minutes: '8',
    tin: null,
    lines: [
      ' | 3 each | Eggs',
      ' |  | Caster sugar',
      ' | 60 g | Potato flour',
      ' | 60 g | Cornflour',
      ' |  | Icing sugar | finish',
    ],
    steps: 'bench bench bench oven',
    unread: 0,
  },
  {
    text: `**Rosewater & pistachio shortbread** _(contains nuts)_

| | g |
|---|---|
| Plant block, cold | 225 |
| Icing sugar | 110 |
| Rice flour | 170 |
| Cornflour | 110 |
| Ground pistachio | 60 |
| Salt | 2 |
| Rose water | 10 |

1. Rub in. Bring together. Chill 30 min.
2. Roll to 8 mm; cut 5 cm rounds (approx. 28).
3. 160 °C fan, 16–18 min. Do not colour.`,
    title: 'Rosewater & pistachio shortbread (contains nuts)',
    pieces: null,
    celsius: 160,
    minutes: '16-18',
    tin: null,
    lines: [
      ' | 225 g | Plant block',
      ' | 110 g | Icing sugar',
      ' | 170 g | Rice flour',
      ' | 110 g | Cornflour',
      ' | 60 g | Ground pistachio',
      ' | 2 g | Salt',
      ' | 10 g | Rose water',
    ],
    steps: 'bench bench oven',
    unread: 0,
  },
  {
    text: `Sweet potato brownies
Prep 20 min | Cook 35 min | Makes 16

YOU WILL NEED:
✓ 2 medium sweet potatoes (500g)
✓ 14 Medjool dates
✓ 80g ground almonds
✓ 100g buckwheat flour
✓ 4 tbsp raw cacao
✓ 3 tbsp maple
✓ pinch of salt

HERE'S HOW:
Peel the potatoes, chop and steam 20 min till soft.
Pulse with the dates to a cream.
Mix the rest in a bowl then combine.
Bake in a lined 20cm square dish for 20-30 mins at 180C.`,
    title: 'Sweet potato brownies',
    pieces: 16,
    celsius: 180,
    minutes: '20-30',
    tin: '1 x square side 20 depth 5',
    lines: [
      ' | 2 each | sweet potatoes',
      ' | 14 each | Medjool dates',
      ' | 80 g | ground almonds',
      ' | 100 g | buckwheat flour',
      ' | 4 tbsp | raw cacao',
      ' | 3 tbsp | maple',
      ' | 1 pinch | salt',
    ],
    steps: 'bench bench bench oven',
    unread: 1,
  },
  {
    text: `Beetroot & chocolate cup cakes, Tues bake
x24

600 g cooked beet (vac packs x2)
6 eggs
300 ml rapeseed
1 T vanilla
450 g sugar
330 g flour blend
120 g cocoa
3 t baking pdr
½ t salt

Purée beet, eggs, oil, vanilla. Whisk in dries. 65 g per case. 
170 fan, 20 min, turn tray at 12.
Cool, ice (half batch choc icing).`,
    title: 'Beetroot & chocolate cup cakes, Tues bake',
    pieces: 24,
    celsius: 170,
    minutes: '20',
    tin: null,
    lines: [
      ' | 600 g | cooked beet',
      ' | 6 each | eggs',
      ' | 300 ml | rapeseed',
      ' | 1 tbsp | vanilla',
      ' | 450 g | sugar',
      ' | 330 g | flour blend',
      ' | 120 g | cocoa',
      ' | 3 tsp | baking pdr',
      ' | 0.5 tsp | salt',
    ],
    steps: 'bench oven after',
    unread: 0,
  },
  {
    text: `RASPBERRY CURD
Raspberries.....300 g
Sugar.....120 g
Arrowroot.....1 tbsp, slaked in 2 tbsp water
Plant butter.....60 g
Lemon juice.....20 ml

Cook the berries with sugar until they fall. Sieve. Back on heat w. slaked arrowroot till it thickens. Off heat, butter. Fridge keeps 5 days.`,
    title: 'RASPBERRY CURD',
    pieces: null,
    celsius: null,
    minutes: null,
    tin: null,
    lines: [
      ' | 300 g | Raspberries',
      ' | 120 g | Sugar',
      ' | 1 tbsp | Arrowroot',
      ' | 2 tbsp | water',
      ' | 60 g | Plant butter',
      ' | 20 ml | Lemon, juice',
    ],
    steps: 'after',
    unread: 0,
  },
  {
    text: `Savoury seeded crackers  (no added sugar, vegan)
Seeds: 
  100 g sunflower 
  50 g pumpkin
  50 g sesame *
  30 g flax, whole
Binders:
  20 g psyllium husk
  40 g ground flax
Liquids:
  250 ml hot water
  2 tbsp olive oil
Salt 4 g
* leave out for sesame-free orders, more pumpkin

1. combine everything, stand 15 minutes
2. spread THIN on 2 lined trays (30 x 40)
3. 150 °C, 45 to 50 minutes, flip at 30`,
    title: 'Savoury seeded crackers  (no added sugar, vegan)',
    pieces: null,
    celsius: 150,
    minutes: '45-50',
    tin: null,
    lines: [
      'Seeds | 100 g | sunflower',
      'Seeds | 50 g | pumpkin',
      'Seeds | 50 g | sesame',
      'Seeds | 30 g | flax',
      'Binders | 20 g | psyllium husk',
      'Binders | 40 g | ground flax',
      'Liquids | 250 ml | hot water',
      'Liquids | 2 tbsp | olive oil',
      'Liquids | 4 g | Salt',
    ],
    steps: 'bench bench bench oven',
    unread: 0,
  },
  {
    text: `Pumpkin pie filling. Enough for two 9 inch shells.
1 can (425 g) pumpkin puree 
1 can (400 ml) coconut milk
3/4 c. brown sugar
1/4 c. cornstarch
2 t. cinnamon, 1 t. ginger, 1/2 t. nutmeg, pinch cloves
1/2 t. salt
Blend until smooth, pour in shells, bake 350 for 50-60 min. Chill overnight.`,
    title: 'Pumpkin pie filling. Enough for two 9 inch shells.',
    pieces: null,
    celsius: 180,
    minutes: '50-60',
    tin: null,
    lines: [
      ' | 425 g | pumpkin puree',
      ' | 400 ml | coconut milk',
      ' | 0.75 cup | brown sugar',
      ' | 0.25 cup | cornstarch',
      ' | 2 tsp | cinnamon',
      ' | 1 tsp | ginger',
      ' | 0.5 tsp | nutmeg',
      ' | 1 pinch | cloves',
      ' | 0.5 tsp | salt',
    ],
    steps: 'oven',
    unread: 0,
  },
  {
    text: `Tahini caramel bites
—
DATES (soft) 250g
TAHINI 80g
SEA SALT big pinch
DARK CHOC 150g to coat
SESAME to finish
—
Blitz dates+tahini+salt. Roll 12g balls. Freeze 20 min. Dip. Sesame on top before it sets.
Makes approx 28`,
    title: 'Tahini caramel bites',
    pieces: 28,
    celsius: null,
    minutes: null,
    tin: null,
    lines: [
      ' | 250 g | DATES',
      ' | 80 g | TAHINI',
      ' | 1 pinch | SEA SALT',
      ' | 150 g | DARK CHOC | finish',
      ' |  | SESAME | finish',
    ],
    steps: 'bench',
    unread: 2,
  },
  {
    text: `Ingredients
For the pastry:
- 175g / 6oz gluten free plain flour
- 75g / 2½oz cold dairy free spread, diced
- 1 tablespoon icing sugar
- 1 egg, lightly beaten (reserve a little for the wash)
For the frangipane:
- 100g / 3½oz dairy free spread
- 100g / 3½oz caster sugar
- 2 eggs
- 100g / 3½oz ground almonds
- 4 tablespoons raspberry jam
- Flaked almonds
- Icing sugar and a little water, for the icing

Method
For the pastry, put the flour, spread and sugar in a food processor and pulse.
Add the egg and 1-2 tablespoons of cold water.
Roll out and line a 20cm (8in) loose-bottomed flan tin.
Spread over jam. Top with frangipane and almonds.
Bake at 190°C/Gas 5 for 35 minutes.`,
    title: '',
    pieces: null,
    celsius: 190,
    minutes: '35',
    tin: '1 x round diameter 20 depth 6',
    lines: [
      'Pastry | 175 g | gluten free plain flour',
      'Pastry | 75 g | dairy free spread',
      'Pastry | 1 tbsp | icing sugar',
      'Pastry | 1 each | egg',
      'Frangipane | 100 g | dairy free spread',
      'Frangipane | 100 g | caster sugar',
      'Frangipane | 2 each | eggs',
      'Frangipane | 100 g | ground almonds',
      'Frangipane | 4 tbsp | raspberry jam',
      'Frangipane |  | Flaked almonds',
      'Frangipane |  | Icing sugar and a little water',
    ],
    steps: 'bench bench bench bench oven',
    unread: 0,
  },
  {
    text: `Fig & olive oil cake - GF DF
serves 10

4 eggs, room temp
200g caster sugar
180 ml light olive oil
Zest 1 orange
150g ground almonds
100g polenta (fine)
1 tsp baking powder (GF)
½ tsp cardamom
8 figs - 4 chopped, 4 sliced for top
2 tbsp honey to glaze, optional

Oven 170 fan
23 cm springform - grease & line
Whisk eggs + sugar til tripled (6-7 mins)
Drizzle in oil. Fold dry. Chopped figs.
Slices on top.
45 min. Check at 40. Foil if dark.
Glaze warm.`,
    title: 'Fig & olive oil cake - GF DF',
    pieces: 10,
    celsius: 170,
    minutes: '45',
    tin: '1 x round diameter 23 depth 6',
    lines: [
      ' | 4 each | eggs',
      ' | 200 g | caster sugar',
      ' | 180 ml | light olive oil',
      ' | 1 each | orange, zest',
      ' | 150 g | ground almonds',
      ' | 100 g | polenta',
      ' | 1 tsp | baking powder',
      ' | 0.5 tsp | cardamom',
      ' | 8 each | figs',
      ' | 2 tbsp | honey | finish',
    ],
    steps: 'ahead bench bench bench bench oven bench',
    unread: 0,
  },
  {
    text: `PINEAPPLE UPSIDE DOWN (tray, 30 portions)
Topping
Plant butter 150 g melted
Dark muscovado 200 g
Pineapple rings 20 (2 tins, drained)
Glace cherries 20
Sponge
GF SR flour 500 g
Caster 450 g
Oil 300 g
Soya milk 450 g
Vinegar 20 g
Bicarb 8 g
Vanilla 10 g
Method
Butter + sugar in base of GN 1/1 tray, arrange fruit.
All in mixer 2 min speed 2.
165 C fan, 40 to 45 min, core 94 C.
Turn out after 10 min.`,
    title: 'PINEAPPLE UPSIDE DOWN (tray, 30 portions)',
    pieces: 30,
    celsius: 165,
    minutes: '40-45',
    tin: null,
    lines: [
      'Topping | 150 g | Plant butter, melted | finish',
      'Topping | 200 g | Dark muscovado | finish',
      'Topping | 20 each | Pineapple rings | finish',
      'Topping | 20 each | Glace cherries | finish',
      'Sponge | 500 g | GF SR flour',
      'Sponge | 450 g | Caster',
      'Sponge | 300 g | Oil',
      'Sponge | 450 g | Soya milk',
      'Sponge | 20 g | Vinegar',
      'Sponge | 8 g | Bicarb',
      'Sponge | 10 g | Vanilla',
    ],
    steps: 'bench bench oven bench',
    unread: 0,
  },
  {
    text: `Hi love, here's the recipe you asked for x

Its just 3 mugs of oats (I use the certified ones), a mug of sunflower seeds, half a mug of honey, 100g of the Golden Spoon spread, and 2 squashed bananas.

Melt the spread and honey. Mix it all up. Bake in a 20cm square tin 25 mins at 170.

xx`,
    title: "Hi love, here's the recipe you asked for x",
    pieces: null,
    celsius: 170,
    minutes: '25',
    tin: '1 x square side 20 depth 5',
    lines: [
      ' | 3 each | oats, mug',
      ' | 1 each | sunflower seeds, mug',
      ' | 0.5 each | honey, mug',
      ' | 100 g | Golden Spoon spread',
      ' | 2 each | squashed bananas',
    ],
    steps: 'bench bench bench oven',
    unread: 1,
  },
  {
    text: `Choux buns (egg, GF)
Water 250 ml
Plant butter 100 g
Salt pinch
Sugar 10 g
GF flour 140 g + xanthan 3 g
Eggs 4-5 (220 g approx.)

Crème pât
Oat milk 500 ml | Yolks 5 | Sugar 100 g | Cornflour 45 g | Vanilla 1 pod

1 Boil water, butter, salt, sugar.
2 Flour in, dry out 2 min.
3 Eggs gradually.
4 Pipe 24. Bake 200 C 15 min then 170 C 15 min. Pierce, dry 5 min.
5 Fill w/ cold crème.`,
    title: 'Choux buns (egg, GF)',
    pieces: null,
    celsius: 200,
    minutes: '15',
    tin: null,
    lines: [
      ' | 250 ml | Water',
      ' | 100 g | Plant butter',
      ' | 1 pinch | Salt',
      ' | 10 g | Sugar',
      ' | 140 g | GF flour',
      ' | 3 g | xanthan',
      ' | 4-5 each | Eggs',
      ' |  | Crème pât',
      ' | 500 ml | Oat milk',
      ' | 5 each | egg yolks',
      ' | 100 g | Sugar',
      ' | 45 g | Cornflour',
      ' |  | Vanilla 1 pod',
    ],
    steps: 'bench bench bench oven bench',
    unread: 0,
  },
  {
    text: `Seed crackers
INGREDIENTS\tQTY\tUNIT\tSUPPLIER
Sunflower seeds\t500\tg\tTarn Mill
Chia\t80\tg\tTarn Mill
Psyllium\t40\tg\t
Water\t900\tml\t
Sea salt\t12\tg\tQuay
METHOD
Soak all 2 hrs. Spread 3 mm. Dry bake 110C 2.5 hrs.`,
    title: 'Seed crackers',
    pieces: null,
    celsius: 110,
    minutes: null,
    tin: null,
    lines: [
      ' | 500 g | Sunflower seeds',
      ' | 80 g | Chia',
      ' | 40 g | Psyllium',
      ' | 900 ml | Water',
      ' | 12 g | Sea salt',
    ],
    steps: 'ahead',
    unread: 0,
  },
  {
    text: `Gingerbread people (GF VG)
Makes about 20 depending on cutter

350g gf plain flour, plus more for rolling out
1 tsp bicarbonate of soda
2 tsp ground ginger
1 tsp ground cinnamon
125g dairy free block, cold and cubed
175g light soft brown sugar
1 flax egg (1 tbsp flax + 3 tbsp water)
4 tbsp golden syrup
To decorate:
Writing icing
Cake sprinkles

Sift flour, bicarb and spices. Rub in block.
Stir in sugar. Add egg & syrup, bring together, wrap, chill 15 mins.
Heat oven to 180C/160C fan/gas 4.
Roll to 0.5cm and cut out.
Bake 12–15 mins. Leave 10 mins then rack.`,
    title: 'Gingerbread people (GF VG)',
    pieces: 20,
    celsius: 180,
    minutes: '12-15',
    tin: null,
    lines: [
      ' | 350 g | gf plain flour',
      ' | some | gf plain flour | release',
      ' | 1 tsp | bicarbonate of soda',
      ' | 2 tsp | ground ginger',
      ' | 1 tsp | ground cinnamon',
      ' | 125 g | dairy free block',
      ' | 175 g | light soft brown sugar',
      ' | 1 each | flax egg',
      ' | 4 tbsp | golden syrup',
      'To decorate |  | Writing icing | finish',
      'To decorate |  | Cake sprinkles | finish',
    ],
    steps: 'bench bench ahead bench oven',
    unread: 0,
  },
  {
    text: `VANILLA SPONGE SHEET
scale: 1 full sheet 60x40
yield 4.2 kg batter

Sugar caster 1000
Plant margarine 80% 1000
Whole egg, liquid 1000
GF flour mix 1000
Baking powder 30
Vanilla 10
Salt 6
(grams)

Cream 8 min med speed
Egg in 4 adds
Dry, low 1 min
170C deck 25-28`,
    title: 'VANILLA SPONGE SHEET',
    pieces: null,
    celsius: 170,
    minutes: null,
    tin: null,
    lines: [
      ' | 1000 g | Sugar caster',
      ' | 1000 g | Plant margarine 80%',
      ' | 1000 g | Whole egg',
      ' | 1000 g | GF flour mix',
      ' | 30 g | Baking powder',
      ' | 10 g | Vanilla',
      ' | 6 g | Salt',
    ],
    steps: 'bench bench bench bench',
    unread: 3,
  },
  {
    text: `Damson cheese - Gran
to every pound of pulp, 1 lb sugar
Stew damsons w. a drop of water
sieve
boil till it parts
old tins lined w paper`,
    title: 'Damson cheese - Gran',
    pieces: null,
    celsius: null,
    minutes: null,
    tin: null,
    lines: [' |  | to every pound of pulp', ' | 1 lb | sugar'],
    steps: 'bench bench bench bench',
    unread: 0,
  },
  {
    text: `3-ingredient peanut-free cookies!!

1 cup sunflower seed butter
¾ cup coconut sugar
1 egg (or flax egg for vegan)

350°F - 10 min. That's it!!`,
    title: '3-ingredient peanut-free cookies!!',
    pieces: null,
    celsius: 180,
    minutes: '10',
    tin: null,
    lines: [' | 1 cup | sunflower seed butter', ' | 0.75 cup | coconut sugar', ' | 1 each | egg'],
    steps: 'oven',
    unread: 0,
  },
  {
    text: `Chocolate orange mousse pots
6 pots

SHOPPING LIST
silken tofu 349g pack
dark chocolate 150g
1 orange
agave 2 tbsp
vanilla few drops
pinch salt

WHAT TO DO
Melt choc. Zest the orange, juice half.
Blitz everything. Into pots. Chill 2 hours +.`,
    title: 'Chocolate orange mousse pots',
    pieces: 6,
    celsius: null,
    minutes: null,
    tin: null,
    lines: [
      ' | 349 g | silken tofu',
      ' | 150 g | dark chocolate',
      ' | 1 each | orange',
      ' | 2 tbsp | agave',
      ' | some | vanilla',
      ' | 1 pinch | salt',
    ],
    steps: 'bench bench',
    unread: 0,
  },
  {
    text: `Buckwheat crêpes
• buckwheat flour – 1 cup
• tapioca – ¼ cup
• milk of choice – 1½ cups
• eggs – 2, large
• melted vegan butter – 2 Tbsp + more for the pan
• salt – good pinch
Whisk, rest 30 min, fry thin. Serves 3-4.`,
    title: 'Buckwheat crêpes',
    pieces: 3,
    celsius: null,
    minutes: null,
    tin: null,
    lines: [
      ' | 1 cup | buckwheat flour',
      ' | 0.25 cup | tapioca',
      ' | 1.5 cup | milk of choice',
      ' | 2 each | eggs',
      ' | 2 tbsp | vegan butter, melted',
      ' | some | vegan butter | release',
      ' | 1 pinch | salt',
    ],
    steps: 'bench',
    unread: 0,
  },
]
