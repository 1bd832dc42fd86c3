// Ten more whole recipes, written before the reader was run on any of them. Run once: 77 of 86 lines, 20 of 26 facts, two without a
// fault, no food lost; only the notation was put right afterwards (a name keeps "roasted" and the size of an egg). All invented.
import type { SaidRecipe } from './firstRecipes'

export const recipes: readonly SaidRecipe[] = [
  {
    text: `Bakewell Slice
Ready in 1 hr 10 | Makes 16 | Vegan, GF

Shortcrust
200g gluten-free plain flour blend
100g vegan baking block
25g icing sugar
2-3 tbsp ice cold water

Filling & topping
4 heaped tbsp raspberry jam
150g vegan baking block, softened
150g caster sugar
150g ground almonds
75g gluten-free self-raising flour
125ml soya milk
1 tsp almond extract
25g flaked almonds

Icing
75g icing sugar
squeeze of lemon juice

Step 1
Heat the oven to 190C/170C fan/gas 5. Rub the block into the flour and icing sugar, add water and bring together. Press into a lined 20 x 30cm tin and bake for 12 mins.
Step 2
Spread with jam. Beat the rest of the filling, spread over and scatter with almonds. Bake for 30-35 mins.
Step 3
Drizzle with icing when cool.`,
    lines: [
      '200 g gluten-free plain flour blend',
      '100 g vegan baking block',
      '25 g icing sugar',
      '2~3 tbsp ice cold water',
      '4 tbsp raspberry jam',
      '150 g vegan baking block',
      '150 g caster sugar',
      '150 g ground almonds',
      '75 g gluten-free self-raising flour',
      '125 ml soya milk',
      '1 tsp almond extract',
      '25 g flaked almonds',
      '75 g icing sugar',
      '~ lemon',
    ],
    also: [],
    celsius: 190,
    pieces: 16,
  },
  {
    text: `Brownies.
Take one tin condensed coconut milk (320g), 200g dark chocolate, 50g cocoa, 3 eggs, 100g rice flour & 1/2 tsp salt.
Melt choc into milk over a pan of water. Off heat beat in eggs, then flour, cocoa, salt.
8" square tin, 170C fan, 22 min exactly.
16 bits.`,
    lines: [
      '320 g condensed coconut milk',
      '200 g dark chocolate',
      '50 g cocoa',
      '3 each eggs',
      '100 g rice flour',
      '0.5 tsp salt',
    ],
    also: [],
    celsius: 170,
    minutes: '22',
    pieces: 16,
  },
  {
    text: `HAZELNUT MERINGUE ROULADE

5 egg whites (about 180 g)
280 g caster sugar
50 g roasted hazelnuts, chopped, + a few extra
300 ml coconut whipping cream
200 g raspberries

1. Oven 200°C (no fan). Line a 33 x 23 cm swiss roll tin.
2. Whisk whites stiff, add sugar 1 tbsp at a time till glossy.
3. Spread, sprinkle with hazelnuts. 8 min, then down to 160°C for 15 min.
4. Turn out, cool, fill, roll.

Serves 8-10. Best on the day; freezes 1 month.`,
    lines: [
      '5 each egg whites',
      '280 g caster sugar',
      '50 g roasted hazelnuts',
      '~ roasted hazelnuts',
      '300 ml coconut whipping cream',
      '200 g raspberries',
    ],
    also: [],
    celsius: 200,
    pieces: 8,
  },
  {
    text: `from the cafe binder p. 31

Choc chip cookie dough, GF DF EF
Yield 6.2kg / 62 @ 100g

GF flour blend #2 ........ 2.000 kg
Light brown sugar ........ 1.400 kg
DF marg 80% .............. 1.300 kg
Choc chips 55% ........... 0.900 kg
Apple puree .............. 0.500 kg
Vanilla paste ............ 0.030 kg
Bicarb ................... 0.020 kg
Salt ..................... 0.015 kg
Xanthan .................. 0.012 kg

1. Cream marg/sugar 4 min speed 2.
2. Puree + vanilla in, scrape.
3. Dry in, 1 min. Chips in, 30 sec.
4. Scoop, freeze.
Bake from frozen 180C fan 14 min.`,
    lines: [
      '2 kg gf flour blend #2',
      '1.4 kg light brown sugar',
      '1.3 kg df marg 80%',
      '0.9 kg choc chips 55%',
      '0.5 kg apple puree',
      '0.03 kg vanilla paste',
      '0.02 kg bicarb',
      '0.015 kg salt',
      '0.012 kg xanthan',
    ],
    also: [],
    celsius: 180,
    minutes: '14',
    pieces: 62,
  },
  {
    text: `Bizcocho de naranja y almendra
(sin gluten ni lactosa)

4 huevos L
200 g de azúcar
2 naranjas (ralladura y zumo)
250 g de almendra molida
1 sobre de levadura sin gluten
50 ml de aceite de oliva suave
Azúcar glas para espolvorear

Precalentar el horno a 180 ºC. Batir los huevos con el azúcar. Añadir el resto y mezclar. Hornear 45 minutos en un molde de 22 cm.
10 raciones`,
    lines: [
      '4 each huevos l',
      '200 g azúcar',
      '2 each naranjas',
      '250 g almendra molida',
      '1 each levadura sin gluten',
      '50 ml aceite oliva suave',
      '~ azúcar glas',
    ],
    also: [],
    celsius: 180,
    minutes: '45',
    pieces: 10,
  },
  {
    text: `Millionaire's Shortbread (vegan, GF)

Ingredients — shortbread
▸ 180 g gluten-free oat flour
▸ 120 g vegan butter
▸ 60 g caster sugar

Ingredients — caramel
▸ 400 ml tin coconut milk
▸ 150 g soft light brown sugar
▸ 50 g golden syrup
▸ ½ tsp flaky salt

Ingredients — top
▸ 200 g dark chocolate
▸ 1 tsp neutral oil

Method — shortbread
Mix, press into a lined 20 cm square tin. Bake 20 minutes at 160 °C fan.

Method — caramel
Simmer everything for 25 min until thick (108 °C). Pour over the base. Chill 2 hours.

Method — top
Melt together, pour over, chill. Cut into 25.`,
    lines: [
      '180 g gluten-free oat flour',
      '120 g vegan butter',
      '60 g caster sugar',
      '400 ml coconut milk',
      '150 g soft light brown sugar',
      '50 g golden syrup',
      '0.5 tsp flaky salt',
      '200 g dark chocolate',
      '1 tsp neutral oil',
    ],
    also: [],
    celsius: 160,
    minutes: '20',
    pieces: 25,
  },
  {
    text: `Rice pudding cake — Nell's aunt

1 litre rice milk
150 g pudding rice
rind of a lemon
100 g sugar
100 g almonds, toasted + chopped
4 eggs, separated
butter (vegan) & GF breadcrumbs for the tin
icing sugar

Cook rice in milk with rind 30 mins, take rind out. Stir in sugar, almonds, yolks; fold in whites. Into prepared 24 cm tin. Bake 1 hr at gas 4. Dust.`,
    lines: [
      '1 l rice milk',
      '150 g pudding rice',
      '1 each lemon',
      '100 g sugar',
      '100 g almonds',
      '4 each eggs',
      '~ vegan butter',
      '~ gf breadcrumbs',
      '~ icing sugar',
    ],
    also: [],
    celsius: 180,
    minutes: '60',
  },
  {
    text: `Quick banana muffins!!! 🍌🍌

✅ 3 ripe bananas
✅ 2 eggs (or 2 chia eggs)
✅ 80g coconut oil
✅ 100g maple syrup
✅ 200g ground almonds
✅ 50g gluten free oats
✅ 1tsp baking powder
✅ 1tsp cinnamon
✅ choc chips (as many as u like 😋)

👉 Mash, mix, into 12 cases
👉 180° 20-25 mins
👉 Enjoy! #glutenfree #dairyfree`,
    lines: [
      '3 each bananas',
      '2 each eggs',
      '80 g coconut oil',
      '100 g maple syrup',
      '200 g ground almonds',
      '50 g gluten free oats',
      '1 tsp baking powder',
      '1 tsp cinnamon',
      '~ choc chips',
    ],
    also: [],
    celsius: 180,
    minutes: '20~25',
    pieces: 12,
  },
  {
    text: `Soft ginger biscuits
(makes 2 doz)

wet: 115 g golden syrup, 100 g df spread, 1 egg yolk
dry: 225 g gf flour, 1 tbsp ginger, 1 tsp bicarb, 1/4 tsp xanthan
100 g dark brown sugar
extra sugar for rolling

melt wet (bar the yolk) w/ the sugar. cool. yolk, then dry. chill 1 h. ball, roll in sugar, flatten. 170/150 fan 10 min. firm up as they cool`,
    lines: [
      '115 g golden syrup',
      '100 g df spread',
      '1 each egg yolk',
      '225 g gf flour',
      '1 tbsp ginger',
      '1 tsp bicarb',
      '0.25 tsp xanthan',
      '100 g dark brown sugar',
      '~ sugar',
    ],
    also: [],
    celsius: 170,
    minutes: '10',
    pieces: 24,
  },
  {
    text: `Pavlova wreath | Serves 10 | 20 min prep | 1 h 15 min in the oven

You'll need: 6 egg whites; 350g caster sugar; 1 tsp cornflour; 1 tsp white wine vinegar. For the top: 400ml whippable oat cream; 300g mixed berries; 20g pistachios, chopped; mint.

How: whisk whites to stiff peaks, add sugar spoon by spoon, fold in cornflour and vinegar. Pipe a ring on paper. Bake at 130C (110C fan). Leave in the oven to cool. Top.`,
    lines: [
      '6 each egg whites',
      '350 g caster sugar',
      '1 tsp cornflour',
      '1 tsp white wine vinegar',
      '400 ml whippable oat cream',
      '300 g mixed berries',
      '20 g pistachios',
      '~ mint',
    ],
    also: [],
    celsius: 130,
    pieces: 10,
  },
]
