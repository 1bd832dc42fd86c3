// Twelve recipes as people write them, each with its lines, and with the foods that its other words hold, written down before
// the reader was run on any. All invented.
export interface SaidRecipe {
  text: string
  /** Amount, then item: "250 g rice flour"; "~ " for no amount. */
  lines: string[]
  /** Foods in the method, headings, title or remarks: each a line, or an open question. */
  also: string[]
  celsius?: number
  minutes?: string
  pieces?: number
}
export const recipes: readonly SaidRecipe[] = [
  {
    text: `Seedy date bars
sesame seeds, as many as you like
You will need
200 g dates
150 g gf oats
3 tbsp tahini
pinch salt

Blitz the dates. Stir in oats, tahini and salt.
Press into a 20cm tin lined with parchment and roll the top in the sesame.
Chill 1 hr, cut into 16.`,
    lines: ['200 g dates', '150 g gf oats', '3 tbsp tahini', '1 pinch salt'],
    also: ['sesame seeds'],
    pieces: 16,
  },
  {
    text: `ROSE'S EVERYDAY LOAF
500 | gf bread flour
7 | yeast
10 | salt
400 ml | warm water
butter

1. Mix everything but the butter and leave 1 hour.
2. Bake at 220C for 35 mins, turn, 10 mins more.
3. Brush with the melted butter while hot.`,
    lines: ['500 g gf bread flour', '7 g yeast', '10 g salt', '400 ml warm water', '~ butter'],
    also: [],
    celsius: 220,
  },
  {
    text: `choc orange muffins (vegan, no nuts)

250g gf self raising flour, 50g cocoa, 150g sugar
1 tsp bicarb, pinch salt
300ml soya milk, 80ml oil, zest of 1 orange

Oven 180 fan / gas 6
whisk wet, fold into dry, don't overmix
12 cases, 20-22 min
top w/ flaked almonds if not for school`,
    lines: [
      '250 g gf self raising flour',
      '50 g cocoa',
      '150 g sugar',
      '1 tsp bicarb',
      '1 pinch salt',
      '300 ml soya milk',
      '80 ml oil',
      '1 each orange',
    ],
    also: ['almonds'],
    pieces: 12,
    minutes: '20~22',
  },
  {
    text: `Lemon drizzle
Serves 8
4
eggs
225 g
dairy free spread
225 g
caster sugar
275 g
gluten free self-raising flour
2
lemons
Beat it all together. Bake in a greased and floured 2lb loaf tin at 160°C fan for 45-50 minutes.
Drizzle: juice of the lemons with 85g granulated sugar. Pour over while warm.`,
    lines: [
      '4 each eggs',
      '225 g dairy free spread',
      '225 g caster sugar',
      '275 g gluten free self-raising flour',
      '2 each lemons',
    ],
    also: ['granulated sugar'],
    celsius: 160,
    minutes: '45~50',
  },
  {
    text: `Okay so today we're making my coconut macaroons and you want three egg whites, then two hundred grams of desiccated coconut, and a hundred and fifty grams of caster sugar. I like a teaspoon of vanilla too. Mix it all up, scoop onto rice paper, and bake at 170 for about 15 minutes. Then I dip them in dark chocolate, about 100 grams.`,
    lines: [
      '3 each egg whites',
      '200 g desiccated coconut',
      '150 g caster sugar',
      '1 tsp vanilla',
      '100 g dark chocolate',
    ],
    also: ['rice paper'],
    celsius: 170,
    minutes: '15',
  },
  {
    text: `| Ingredient | Weight | % |
|---|---|---|
| White rice flour | 300 g | 40 |
| Tapioca starch | 150 g | 20 |
| Xanthan gum | 6 g | 0.8 |
| Egg | 150 g | 20 |
| Sunflower oil | 120 g | 16 |
| TOTAL | 726 g | |

Method: whisk egg & oil, add dry. Oven 190. 25 min. Serve with clotted cream.`,
    lines: ['300 g White rice flour', '150 g Tapioca starch', '6 g Xanthan gum', '150 g Egg', '120 g Sunflower oil'],
    also: ['clotted cream'],
    celsius: 190,
    minutes: '25',
  },
  {
    text: `BROWNIE / BROWNIE SANS GLUTEN

FOR THE BATTER / POUR LA PÂTE
200g dark chocolate / chocolat noir
175g vegan butter
3 large eggs
250g caster sugar
100g ground almonds

FOR THE TOP
a few walnuts
sea salt

Preheat the oven to 180°C/160°C fan/gas 4. Line an 8 inch square tin.
Melt the chocolate and butter. Whisk eggs and sugar. Fold in almonds.
Bake 25 mins. Cool, dust with cocoa.`,
    lines: [
      '200 g dark chocolate',
      '175 g vegan butter',
      '3 each large eggs',
      '250 g caster sugar',
      '100 g ground almonds',
      '~ walnuts',
      '~ sea salt',
    ],
    also: ['cocoa'],
    celsius: 180,
    minutes: '25',
  },
  {
    text: `Apfelkuchen glutenfrei
Zutaten:
250 g Reismehl
125 g Margarine
120 g Zucker
2 Eier
1 TL Backpulver
4 Äpfel
50 g gehackte Mandeln

Zubereitung:
Alles verrühren, Äpfel darauf verteilen, mit Mandeln bestreuen.
Bei 180 °C 45 Minuten backen.`,
    lines: [
      '250 g Reismehl',
      '125 g Margarine',
      '120 g Zucker',
      '2 each Eier',
      '1 tsp Backpulver',
      '4 each Äpfel',
      '50 g Mandeln',
    ],
    also: [],
    celsius: 180,
    minutes: '45',
  },
  {
    text: `Gran's ginger biscuits — from the blue tin book
makes about 30

12 oz plain gf flour
6 oz soft brown sugar
4 oz marg + extra to grease
4 oz golden syrup
1 egg
4 tsp grd ginger
1 tsp bicarb

rub marg into flour, add sugar ginger bicarb.
warm syrup w/ egg & mix in
roll in walnut-size balls, flour your hands (rice flour)
press a blanched almond in each
gas 5 15 mins`,
    lines: [
      '12 oz plain gf flour',
      '6 oz soft brown sugar',
      '4 oz marg',
      '4 oz golden syrup',
      '1 each egg',
      '4 tsp ginger',
      '1 tsp bicarb',
    ],
    also: ['rice flour', 'almond'],
    celsius: 190,
    minutes: '15',
    pieces: 30,
  },
  {
    text: `Home › Recipes › Cakes
Share this page
CARROT CAKE
★★★★★ 214 reviews
Prep 20 min | Cook 40 min | Serves 12
Ingredients
300 g grated carrots
200 g light brown sugar
3 eggs
180 ml rapeseed oil
250 g gluten-free plain flour
2 tsp baking powder
2 tsp cinnamon
75 g walnuts, chopped
ADVERTISEMENT
Frosting
200 g vegan cream cheese
80 g icing sugar
Method
Step 1
Heat the oven to 180C.
Step 2
Mix. Bake for 40 min in a 23 cm round tin.
Step 3
Beat frosting; spread; decorate with pecan halves.
You may also like: Banana bread`,
    lines: [
      '300 g carrots',
      '200 g light brown sugar',
      '3 each eggs',
      '180 ml rapeseed oil',
      '250 g gluten-free plain flour',
      '2 tsp baking powder',
      '2 tsp cinnamon',
      '75 g walnuts',
      '200 g vegan cream cheese',
      '80 g icing sugar',
    ],
    also: ['pecan'],
    celsius: 180,
    minutes: '40',
    pieces: 12,
  },
  {
    text: `Scones x 8
gf sr flour 250
baking powder 1t
xanthan 1/2 t
butter 50 cold
sugar 40
buttermilk 150 ml
egg for glazing
fruit? sultanas 75

hot oven 220, 12 min`,
    lines: [
      '250 g gf sr flour',
      '1 tsp baking powder',
      '0.5 tsp xanthan',
      '50 g butter',
      '40 g sugar',
      '150 ml buttermilk',
      '~ egg',
      '75 g sultanas',
    ],
    also: [],
    celsius: 220,
    minutes: '12',
    pieces: 8,
  },
  {
    text: `Peach cobbler

For the filling:
- 6 peaches, sliced
- ¼ cup sugar
- 1 Tbsp cornstarch
- squeeze of lemon

For the topping:
- 1 cup (120 g) oat flour
- ½ cup almond flour
- 1/3 cup maple syrup
- 1/4 cup coconut oil, melted, plus more for the dish

1) Heat oven to 375°F.
2) Toss filling together in a 9x13 dish greased with coconut oil.
3) Crumble topping over. Bake 35 to 40 minutes.
4) Serve warm with vanilla ice cream.`,
    lines: [
      '6 each peaches',
      '0.25 cup sugar',
      '1 tbsp cornstarch',
      '~ lemon',
      '1 cup oat flour',
      '0.5 cup almond flour',
      '0.333 cup maple syrup',
      '0.25 cup coconut oil',
    ],
    also: ['ice cream'],
    celsius: 190,
    minutes: '35~40',
  },
]
