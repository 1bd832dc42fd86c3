// Ten more whole recipes, as pages, cards, notes and messages have them. Written before the reader was run on any of them.
// Run once: 64 of 93 lines, 20 of 26 facts, none without a fault; only the notation was put right afterwards (zest, juice and pieces of
// an egg are forms, a handful is no amount, dried is said behind the name).
// All invented.
import type { SaidRecipe } from './firstRecipes'

export const recipes: readonly SaidRecipe[] = [
  {
    text: `Gluten-Free Carrot Cupcakes
By Nell · Updated 3 March

These are the ones everybody asks for. Scroll down for tips!

Prep Time: 15 minutes
Cook Time: 22 minutes
Total Time: 37 minutes
Yield: 12 cupcakes

INGREDIENTS
Scale 1x 2x 3x

For the cupcakes
1 1/4 cups (160g) gluten-free all-purpose flour blend (with xanthan gum)
1 tsp. ground cinnamon
1/2 tsp. baking soda
1/4 tsp. fine sea salt
2 large eggs, at room temperature
3/4 cup (150g) light brown sugar, packed
1/2 cup (120ml) sunflower oil
1 1/2 cups finely grated carrots (about 3 medium)
1/2 cup chopped walnuts (optional)

For the dairy-free cream cheese frosting
8 oz vegan cream cheese, softened
1/4 cup vegan butter
2 cups powdered sugar, sifted

INSTRUCTIONS
1. Preheat the oven to 350°F (180°C). Line a 12-cup muffin tin with paper liners.
2. Whisk the flour, cinnamon, baking soda and salt.
3. Beat eggs, sugar and oil; fold in the dry ingredients, then the carrots and walnuts.
4. Bake for 20–22 minutes.
5. Beat the frosting ingredients and swirl over the cooled cakes.

NOTES
Store in the fridge for up to 4 days.

NUTRITION
Calories: 312kcal | Carbohydrates: 38g | Protein: 3g | Fat: 17g`,
    lines: [
      '1.25 cup gluten-free all-purpose flour blend',
      '1 tsp ground cinnamon',
      '0.5 tsp baking soda',
      '0.25 tsp fine sea salt',
      '2 each eggs',
      '0.75 cup light brown sugar',
      '0.5 cup sunflower oil',
      '1.5 cup carrots',
      '0.5 cup walnuts',
      '8 oz vegan cream cheese',
      '0.25 cup vegan butter',
      '2 cup powdered sugar',
    ],
    also: [],
    celsius: 180,
    minutes: '20~22',
    pieces: 12,
  },
  {
    text: `Schokoladenkuchen ohne Mehl (glutenfrei)

Für eine Springform (Ø 24 cm), 12 Stücke

Zutaten:
200 g Zartbitterschokolade
200 g Butter
6 Eier (Größe M)
180 g Zucker
150 g gemahlene Mandeln
1 Pck. Vanillezucker
1 Prise Salz
2 EL Kakao zum Bestäuben
etwas Fett für die Form

Zubereitung:
Backofen auf 180 °C (Umluft 160 °C) vorheizen. Schokolade und Butter schmelzen. Eier trennen.
Eigelb mit Zucker schaumig schlagen, Schokolade und Mandeln unterrühren, Eischnee unterheben.
40 Minuten backen.`,
    lines: [
      '200 g zartbitterschokolade',
      '200 g butter',
      '6 each eier',
      '180 g zucker',
      '150 g gemahlene mandeln',
      '1 each vanillezucker',
      '1 pinch salz',
      '2 tbsp kakao',
      '~ fett',
    ],
    also: [],
    celsius: 180,
    minutes: '40',
    pieces: 12,
  },
  {
    text: `APPLE & BLACKBERRY CRUMBLE (DF, GF) - serves 6-8

800g Bramley apples, peeled, cored & sliced
200g blackberries (frozen is fine)
3 tbsp demerara
Juice ½ lemon

CRUMBLE:
120g GF oats
100g ground almonds
80g dairy free spread, cold
60g demerara sugar
A pinch of salt
Handful of flaked almonds

1) Fruit into a 1.5 litre dish with sugar & lemon.
2) Rub spread into almonds + oats till it clumps. Add sugar, salt.
3) Scatter over, flaked almonds on top. 190°C / 170 fan / gas 5 for 35-40mins.
Serve w/ oat custard.`,
    lines: [
      '800 g bramley apples',
      '200 g blackberries',
      '3 tbsp demerara',
      '0.5 each lemon',
      '120 g gf oats',
      '100 g ground almonds',
      '80 g dairy free spread',
      '60 g demerara sugar',
      '1 pinch salt',
      '~ flaked almonds',
    ],
    also: ['oat custard'],
    celsius: 190,
    minutes: '35~40',
    pieces: 6,
  },
  {
    text: `Recipe: lemon polenta tray
batch size: 1 full gastro (40 ptn)

ITEM                    QTY     UNIT
Polenta fine            600     g
Gr. almonds             900     g
Caster sugar            1.2     kg
Veg. block              1.2     kg
Whole egg, past.        1.1     kg
Baking pdr GF           24      g
Lemon zest              60      g
Salt                    6       g

Syrup
Lemon juice             400     ml
Icing sugar             350     g

Method: cream block/sugar. Egg in 4 goes. Fold dry. Deposit 4.9kg/tray. Bake 155c (fan) 45m. Syrup hot on hot.`,
    lines: [
      '600 g polenta fine',
      '900 g gr almonds',
      '1.2 kg caster sugar',
      '1.2 kg veg block',
      '1.1 kg whole egg',
      '24 g baking pdr gf',
      '60 g lemon',
      '6 g salt',
      '400 ml lemon',
      '350 g icing sugar',
    ],
    also: [],
    celsius: 155,
    minutes: '45',
    pieces: 40,
  },
  {
    text: `Sticky ginger loaf
Ingredients
Dry:
- 225g GF self raising flour
- 1 tsp bicarb
- 1 tbsp ground ginger + 1 tsp mixed spice
Wet:
- 100g black treacle
- 100g golden syrup
- 110g dairy free block
- 150ml soya milk w/ 1 tsp vinegar
- 1 egg (or 1 tbsp ground flax + 3 tbsp water)
To finish: 2 balls stem ginger, sliced; 2 tbsp of its syrup

Melt wet stuff (not egg or milk). Cool a bit, beat in milk and egg. Pour onto dry and whisk. 2lb tin. 160C fan 50 min.
Wrap and keep 2 days before eating. Keeps a week.`,
    lines: [
      '225 g gf self raising flour',
      '1 tsp bicarb',
      '1 tbsp ground ginger',
      '1 tsp mixed spice',
      '100 g black treacle',
      '100 g golden syrup',
      '110 g dairy free block',
      '150 ml soya milk',
      '1 tsp vinegar',
      '1 each egg',
      '2 each stem ginger',
      '2 tbsp syrup',
    ],
    also: [],
    celsius: 160,
    minutes: '50',
  },
  {
    text: `Moelleux aux noisettes (sans gluten, sans lait)
Pour 8 personnes
Préparation : 20 min - Cuisson : 30 min

4 œufs
150 g de sucre de canne
200 g de poudre de noisettes
50 g de fécule de maïs
1/2 sachet de levure chimique
80 ml d'huile de noisette
1 c. à s. de rhum
1 pincée de sel

Préchauffez le four à 170°C. Battez les œufs avec le sucre. Ajoutez la poudre de noisettes, la fécule, la levure et le sel. Versez l'huile et le rhum. Enfournez 30 minutes.`,
    lines: [
      '4 each œufs',
      '150 g sucre canne',
      '200 g poudre noisettes',
      '50 g fécule maïs',
      '0.5 each levure chimique',
      '80 ml huile noisette',
      '1 tbsp rhum',
      '1 pinch sel',
    ],
    also: [],
    celsius: 170,
    minutes: '30',
    pieces: 8,
  },
  {
    text: `almond macaroons (from my notebook)

whites of 3 eggs
6oz ground almonds
8oz caster
drop almond essence
rice paper
12 whole blanched almonds to put on top

whisk whites till stiff. fold rest in. spoon on the paper, an almond on each.
gas 3 for 20 mins or so
makes a dozen`,
    lines: [
      '3 each egg whites',
      '6 oz ground almonds',
      '8 oz caster',
      '1 drop almond essence',
      '~ rice paper',
      '12 each whole blanched almonds',
    ],
    also: [],
    celsius: 160,
    minutes: '20',
    pieces: 12,
  },
  {
    text: `Seeded bread, no wheat no dairy no egg
| Ingredient | g | % |
|---|---|---|
| Buckwheat flour | 300 | 60 |
| Tapioca starch | 200 | 40 |
| Psyllium husk powder | 25 | 5 |
| Water, 35C | 500 | 100 |
| Yeast, dried | 8 | 1.6 |
| Salt | 10 | 2 |
| Sunflower seeds | 60 | 12 |
| Sesame (top) | 15 | 3 |

**Method**
* Hydrate psyllium 10 min
* Mix all, shape, into a 900 g tin
* Prove 50 min
* Bake 230°C 15 min, then 200°C 40 min
* Cool fully before slicing (16 slices)`,
    lines: [
      '300 g buckwheat flour',
      '200 g tapioca starch',
      '25 g psyllium husk powder',
      '500 g water',
      '8 g yeast',
      '10 g salt',
      '60 g sunflower seeds',
      '15 g sesame',
    ],
    also: [],
    celsius: 230,
    pieces: 16,
  },
  {
    text: `No-Bake Chocolate Tart

For the base: 200 g pitted dates, 150 g pecans, 2 tbsp cocoa powder and a pinch of salt.
For the filling: one 400 ml can full-fat coconut milk, 250 g dairy-free dark chocolate (at least 70%), 2 tablespoons maple syrup, 1 teaspoon vanilla.
To decorate: fresh raspberries and a few mint leaves.

Blitz the base ingredients until sticky and press into a 23 cm loose-bottomed tart tin. Heat the coconut milk until steaming, pour over the chocolate, stand for 5 minutes and stir until smooth. Add the syrup and vanilla, pour into the base and chill for 3 hours. Top with the raspberries and mint. Cuts into 12.`,
    lines: [
      '200 g dates',
      '150 g pecans',
      '2 tbsp cocoa powder',
      '1 pinch salt',
      '400 ml full-fat coconut milk',
      '250 g dairy-free dark chocolate',
      '2 tbsp maple syrup',
      '1 tsp vanilla',
      '~ raspberries',
      '~ mint leaves',
    ],
    also: [],
    pieces: 12,
  },
  {
    text: `Scones!!

Hiya - as promised. So it's 250 of the gf self raising, half a teaspoon of xanthan, tsp of baking powder, 50 sugar, 60 cold marg block rubbed in. Then one egg beaten up with 90ml oat milk, keep a bit back for brushing. Sultanas if you like, about 60g.

Pat out thick (don't roll!), cut 8, 200 fan 12 mins.

Let me know how you get on x`,
    lines: [
      '250 g gf self raising',
      '0.5 tsp xanthan',
      '1 tsp baking powder',
      '50 g sugar',
      '60 g marg block',
      '1 each egg',
      '90 ml oat milk',
      '60 g sultanas',
    ],
    also: [],
    celsius: 200,
    minutes: '12',
    pieces: 8,
  },
]
