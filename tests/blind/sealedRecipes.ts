// A second twelve, written at the same hour as the first and put away until the reader was done. All invented.
import type { SaidRecipe } from './firstRecipes'

export const recipes: readonly SaidRecipe[] = [
  {
    text: `Banana loaf for the fair
(walnuts on top, leave off for the school)
3 ripe bananas
2 eggs
100g df spread
140g sugar
225g gf self-raising
1 tsp mixed spice

mash, beat, bake 170 fan 50 mins
check at 40
2 lb tin greased with a little of the spread and dusted with rice flour`,
    lines: [
      '3 each bananas',
      '2 each eggs',
      '100 g df spread',
      '140 g sugar',
      '225 g gf self-raising',
      '1 tsp mixed spice',
    ],
    also: ['walnuts', 'rice flour'],
    celsius: 170,
    minutes: '50',
  },
  {
    text: `Flatbreads
gram flour – 200g
water – 120ml
oil – 1 tbsp
cumin – ½ tsp
ghee

Mix, rest 20 mins, roll out on a floured board, cook 2 mins a side in a hot pan.
Brush with ghee.
Makes 6`,
    lines: ['200 g gram flour', '120 ml water', '1 tbsp oil', '0.5 tsp cumin', '~ ghee'],
    also: ['ghee'],
    pieces: 6,
  },
  {
    text: `VICTORIA SANDWICH (gluten free, dairy free)
Sponge: 4 eggs; 225g caster sugar; 225g df marg; 225g gf sr flour; 2 tsp baking powder
Filling: 6 tbsp raspberry jam; 150g df marg; 300g icing sugar
Tins: two 20 cm sandwich tins
Oven: 180°C
Time: 25 min
Method: all in one bowl, beat 2 min, divide, bake. Cool, sandwich. Sift caster sugar over.`,
    lines: [
      '4 each eggs',
      '225 g caster sugar',
      '225 g df marg',
      '225 g gf sr flour',
      '2 tsp baking powder',
      '6 tbsp raspberry jam',
      '150 g df marg',
      '300 g icing sugar',
    ],
    also: [],
    celsius: 180,
    minutes: '25',
  },
  {
    text: `Almond cookies

2 cups
almond flour
1/2 cup
maple syrup
1 tsp
vanilla extract
1/4 tsp
salt

Heat the oven to 350F.
Mix, roll into 18 balls, press a cherry into each.
Bake 12 minutes.
Dust with icing sugar.`,
    lines: ['2 cup almond flour', '0.5 cup maple syrup', '1 tsp vanilla extract', '0.25 tsp salt'],
    also: ['cherry', 'icing sugar'],
    celsius: 177,
    minutes: '12',
    pieces: 18,
  },
  {
    text: `0:04 hi everyone this is my rocky road
0:11 so you need 250 grams of dark chocolate
0:15 a hundred grams of coconut oil
0:19 three tablespoons of golden syrup
0:24 and then two hundred grams of gluten free biscuits smashed up
0:30 a big handful of mini marshmallows
0:35 melt the chocolate, oil and syrup together
0:41 stir in the biscuits and marshmallows and press it in a tin
0:50 sprinkle over pistachios and put it in the fridge for two hours`,
    lines: [
      '250 g dark chocolate',
      '100 g coconut oil',
      '3 tbsp golden syrup',
      '200 g gluten free biscuits',
      '~ mini marshmallows',
    ],
    also: ['pistachios'],
  },
  {
    text: `Ingredient,Amount,Unit
Buckwheat flour,180,g
Ground hazelnuts,60,g
Maple syrup,90,ml
Sunflower oil,75,ml
Baking powder,1,tsp
Total,405,

Oven 175 °C, 18 minutes, 20 cookies. Finish with melted white chocolate.`,
    lines: [
      '180 g Buckwheat flour',
      '60 g Ground hazelnuts',
      '90 ml Maple syrup',
      '75 ml Sunflower oil',
      '1 tsp Baking powder',
    ],
    also: ['white chocolate'],
    celsius: 175,
    minutes: '18',
    pieces: 20,
  },
  {
    text: `GÂTEAU AU YAOURT
Ingrédients
1 yaourt nature (125 g)
2 c. à soupe d’huile
200 g de farine de riz
150 g de sucre
3 œufs
1 sachet de levure

Préparation
Préchauffer le four à 180 °C.
Mélanger le tout. Beurrer un moule et cuire 35 min.`,
    lines: [
      '1 each yaourt nature',
      '2 tbsp huile',
      '200 g farine de riz',
      '150 g sucre',
      '3 each œufs',
      '1 each levure',
    ],
    also: ['beurre'],
    celsius: 180,
    minutes: '35',
  },
  {
    text: `Aunt's oatcakes  (doubles well!)
8 oz oatmeal med
2 oz oatmeal fine + some for rolling
1/2 t salt
1/4 t bic soda
2 oz lard or veg fat, melted
boiling water

mix to stiff dough w. the water
roll out on fine oatmeal
cut 16
gas 4, 25 min, turn over, 5 min more
good with butter & cheese`,
    lines: ['8 oz oatmeal', '2 oz oatmeal', '0.5 tsp salt', '0.25 tsp bic soda', '2 oz lard', '~ boiling water'],
    also: ['butter', 'cheese'],
    celsius: 180,
    pieces: 16,
  },
  {
    text: `Skip to recipe
Print Pin Rate
FLOURLESS CHOCOLATE TORTE
By the kitchen team | Updated in spring
Yield: 10 slices
Total time: 1 hr 10 min
INGREDIENTS
Metric US
6 large eggs, separated
300g / 10.5 oz dark chocolate (70%)
150g unsalted butter (or dairy-free block)
150g caster sugar
1 tbsp espresso powder
INSTRUCTIONS
1. Heat oven to 160°C (140°C fan).
2. Butter a 23cm springform tin and dust it with cocoa.
3. Melt chocolate with butter. Whip yolks with sugar. Fold. Whip whites. Fold.
4. Bake 35-40 mins.
NOTES
Lovely with crème fraîche and a few raspberries.
NUTRITION 420 kcal`,
    lines: [
      '6 each large eggs',
      '300 g dark chocolate',
      '150 g unsalted butter',
      '150 g caster sugar',
      '1 tbsp espresso powder',
    ],
    also: ['cocoa', 'crème fraîche', 'raspberries'],
    celsius: 160,
    minutes: '35~40',
    pieces: 10,
  },
  {
    text: `Cheesecake pots x6
base
100 digestives gf
40 butter melted
middle
300 cream cheese
100 ml dbl cream
60 icing sugar
½ lemon juice
top
blueberries

crush, mix, press. whip middle, spoon on. chill overnight. top with berries.`,
    lines: [
      '100 g digestives gf',
      '40 g butter',
      '300 g cream cheese',
      '100 ml dbl cream',
      '60 g icing sugar',
      '0.5 each lemon',
      '~ blueberries',
    ],
    also: [],
    pieces: 6,
  },
  {
    text: `Sticky toffee pudding

For the pudding
200g pitted dates, 250ml boiling water, 1 tsp bicarbonate of soda
85g dairy-free butter, 150g dark muscovado, 2 eggs
175g gluten-free self-raising flour

For the sauce
100 g dark muscovado
200 ml oat cream
25 g dairy-free butter, plus some for the dish

Soak the dates in the water with the bicarb for 20 min.
Cream butter and sugar, add eggs, flour, then dates.
Bake at 170C/150 fan for 35 minutes in a 20 x 20 cm dish.
Boil the sauce ingredients for 3 min and pour over. Scatter chopped pecans. Serves nine.`,
    lines: [
      '200 g dates',
      '250 ml boiling water',
      '1 tsp bicarbonate of soda',
      '85 g dairy-free butter',
      '150 g dark muscovado',
      '2 each eggs',
      '175 g gluten-free self-raising flour',
      '100 g dark muscovado',
      '200 ml oat cream',
      '25 g dairy-free butter',
    ],
    also: ['pecans'],
    celsius: 170,
    minutes: '35',
    pieces: 9,
  },
  {
    text: `Empanadas sin gluten
300 g harina de maíz
150 ml agua templada
1 cucharadita de sal
2 cucharadas de aceite
Relleno:
200 g manzana
50 g nueces
1 huevo para pintar

Mezclar la harina, el agua y la sal. Hornear a 200 °C 20 minutos.`,
    lines: [
      '300 g harina de maíz',
      '150 ml agua templada',
      '1 tsp sal',
      '2 tbsp aceite',
      '200 g manzana',
      '50 g nueces',
      '1 each huevo',
    ],
    also: [],
    celsius: 200,
    minutes: '20',
  },
]
