// Ten more whole recipes, written before the reader was run on any of them. Run once: 58 of 86 lines, 16 of 23 facts, two without a
// fault; only the notation was put right afterwards (350 °F is 180 °C on the dial; what stands in brackets is said of a thing). All
// invented.
import type { SaidRecipe } from './firstRecipes'

export const recipes: readonly SaidRecipe[] = [
  {
    text: `Vegan Lemon Curd Thumbprints (GF)

Makes about 24

✦ 2 cups (224 g) blanched almond flour
✦ ¼ cup (60 ml) maple syrup
✦ 3 Tbsp coconut oil, melted and cooled
✦ 1 tsp vanilla bean paste
✦ pinch fine salt
✦ ⅓ cup vegan lemon curd (page 12)

➊ Heat oven to 175°C/350°F. Line two sheets with baking paper.
➋ Stir everything but the curd to a dough.
➌ Roll into walnut-sized balls, press a hollow in each and fill with curd.
➍ Bake 11–13 minutes. Cool on the sheet.`,
    lines: [
      '2 cup blanched almond flour',
      '0.25 cup maple syrup',
      '3 tbsp coconut oil',
      '1 tsp vanilla bean paste',
      '1 pinch fine salt',
      '0.333 cup vegan lemon curd',
    ],
    also: [],
    celsius: 175,
    minutes: '11~13',
    pieces: 24,
  },
  {
    text: `Sernik bez glutenu
tortownica 24 cm, 12 porcji

Składniki
Spód:
150 g mielonych migdałów
60 g masła
2 łyżki cukru
Masa serowa:
1 kg twarogu
5 jajek
200 g cukru
2 łyżki skrobi ziemniaczanej
1 łyżeczka ekstraktu waniliowego

Przygotowanie
Wymieszać składniki spodu i wyłożyć formę. Zmiksować ser z jajkami i cukrem, dodać skrobię. Piec 60 minut w 160 °C.`,
    lines: [
      '150 g mielonych migdałów',
      '60 g masła',
      '2 tbsp cukru',
      '1 kg twarogu',
      '5 each jajek',
      '200 g cukru',
      '2 tbsp skrobi ziemniaczanej',
      '1 tsp ekstraktu waniliowego',
    ],
    also: [],
    celsius: 160,
    minutes: '60',
    pieces: 12,
  },
  {
    text: `Granny's Tea Loaf (made gluten free)

12 oz mixed fruit, soaked overnight in ½ pint cold tea
6 oz soft brown sugar
10 oz self-raising flour (GF)
1 egg
1 teaspoonful mixed spice
a little marmalade to glaze

Soak fruit overnight. Next day stir in everything else. Turn into a greased 2 lb loaf tin. Bake in a moderate oven, 350°F, Gas 4, for 1¼ hours. Brush with warmed marmalade. Keeps well, wrapped, for a week. Serve sliced and buttered.`,
    lines: [
      '12 oz mixed fruit',
      '0.5 pint cold tea',
      '6 oz soft brown sugar',
      '10 oz self-raising flour',
      '1 each egg',
      '1 tsp mixed spice',
      '~ marmalade',
    ],
    also: [],
    celsius: 180,
    minutes: '75',
  },
  {
    text: `PB OAT COOKIES – test 4 (12/3)

oats GF 180
pb crunchy 160
banana 2 (220g)
choc chips df 80
maple 40
flax 15 + water 45
cinn 2
salt 2

scoop 50g. 175 fan 13m
-> too soft, try 15m next. ok w/out flax?
yield 11`,
    lines: [
      '180 g oats gf',
      '160 g pb crunchy',
      '2 each banana',
      '80 g choc chips df',
      '40 g maple',
      '15 g flax',
      '45 ml water',
      '2 each cinn',
      '2 g salt',
    ],
    also: [],
    celsius: 175,
    minutes: '13',
    pieces: 11,
  },
  {
    text: `Torta caprese al limone (senza glutine, senza farina)

Dosi per 8 persone | Tempo: 20 min + 50 min cottura

Ingredienti
- Mandorle pelate, 200 g
- Cioccolato bianco, 180 g
- Zucchero semolato, 160 g
- Burro, 120 g
- Uova, 5
- Fecola di patate, 50 g
- Limoni non trattati, la scorza di 2
- Lievito per dolci, 1 cucchiaino
- Zucchero a velo q.b. per decorare

Procedimento
1. Tritate le mandorle con lo zucchero.
2. Fondete burro e cioccolato, aggiungete le uova e le mandorle.
3. Cuocete a 170° per 50 minuti.`,
    lines: [
      '200 g mandorle pelate',
      '180 g cioccolato bianco',
      '160 g zucchero semolato',
      '120 g burro',
      '5 each uova',
      '50 g fecola di patate',
      '2 each limoni non trattati',
      '1 tsp lievito per dolci',
      '~ zucchero a velo',
    ],
    also: [],
    celsius: 170,
    minutes: '50',
    pieces: 8,
  },
  {
    text: `Coconut macaroon slab
Author: Tobit
Category: traybakes
Allergens: egg, (coconut not an EU allergen)

Ingredients
Desiccated coconut ........ 400g
Caster sugar .............. 300g
Egg whites ................ 6 (approx 210g)
Rice flour ................ 40g
Vanilla ................... 1 tsp
Dark choc for dipping ..... 150g

Directions
Combine all but chocolate over low heat until it sticks together. Press into a 30 x 20 cm tin. 160°C (fan 140°C) 25-30 mins till gold. When cold cut into 20 & dip ends in melted chocolate.

Storage: 7 days airtight`,
    lines: [
      '400 g desiccated coconut',
      '300 g caster sugar',
      '6 each egg whites',
      '40 g rice flour',
      '1 tsp vanilla',
      '150 g dark choc',
    ],
    also: [],
    celsius: 160,
    minutes: '25~30',
    pieces: 20,
  },
  {
    text: `Okay so my flourless chocolate cake. You melt 200 grams of dark chocolate with 150 grams of butter, the plant one works too. Separate five eggs. Whisk the yolks with a hundred and fifty grams of sugar, then the chocolate goes in, and two tablespoons of cocoa, and a hundred grams of ground almonds if you're using them. Whisk the whites and fold them through. Into a 23 centimetre tin, 160 fan, thirty-five to forty minutes. It'll sink, that's fine. Icing sugar over the top to serve.`,
    lines: [
      '200 g dark chocolate',
      '150 g butter',
      '5 each eggs',
      '150 g sugar',
      '2 tbsp cocoa',
      '100 g ground almonds',
      '~ icing sugar',
    ],
    also: [],
    celsius: 160,
    minutes: '35~40',
  },
  {
    text: `Ingredient,Quantity,Unit,Supplier
Gluten free plain flour,1000,g,Millbrook
Dairy free spread,600,g,Leaf & Field
Icing sugar,300,g,
Vanilla extract,15,ml,
Ground ginger,20,g,
Crystallised ginger,250,g,"chopped, 5 mm"
Salt,5,g,`,
    lines: [
      '1000 g gluten free plain flour',
      '600 g dairy free spread',
      '300 g icing sugar',
      '15 ml vanilla extract',
      '20 g ground ginger',
      '250 g crystallised ginger',
      '5 g salt',
    ],
    also: [],
  },
  {
    text: `Chocolate Buttermilk Sheet Cake

FOR THE CAKE:                      FOR THE FROSTING:
2 cups GF flour                    1/2 cup vegan butter
1 3/4 cups sugar                   1/3 cup cocoa
3/4 cup cocoa                      3 cups powdered sugar
2 tsp baking soda                  1/4 cup oat milk
2 eggs                             1 tsp vanilla
1 cup oat milk + 1 Tbsp vinegar
1/2 cup oil
1 cup hot coffee

Mix dry. Add wet. Coffee last. 9x13 pan, 350F, 30-35 min. Frost when cool.`,
    lines: [
      '2 cup gf flour',
      '1.75 cup sugar',
      '0.75 cup cocoa',
      '2 tsp baking soda',
      '2 each eggs',
      '1 cup oat milk',
      '1 tbsp vinegar',
      '0.5 cup oil',
      '1 cup hot coffee',
      '0.5 cup vegan butter',
      '0.333 cup cocoa',
      '3 cup powdered sugar',
      '0.25 cup oat milk',
      '1 tsp vanilla',
    ],
    also: [],
    celsius: 180,
    minutes: '30~35',
  },
  {
    text: `**Plum & hazelnut frangipane bars** 🍑

*Base*
150g gf plain flour | 75g cold vegan block | 50g icing sugar | 1–2 tbsp cold water

*Frangipane*
125g vegan block, soft | 125g caster | 2 eggs | 125g ground hazelnuts | 25g gf flour | ½ tsp almond extract

*Top*
6 ripe plums, sliced | 1 tbsp demerara | chopped hazelnuts to scatter

Rub base together, press in a lined 20cm sq tin, chill 20 mins. Bake 15 mins at 170 fan. Beat frangipane, spread, top with plums. Bake another 40 mins. 12 bars. Fridge 3 days.`,
    lines: [
      '150 g gf plain flour',
      '75 g vegan block',
      '50 g icing sugar',
      '1~2 tbsp cold water',
      '125 g vegan block',
      '125 g caster',
      '2 each eggs',
      '125 g ground hazelnuts',
      '25 g gf flour',
      '0.5 tsp almond extract',
      '6 each plums',
      '1 tbsp demerara',
      '~ hazelnuts',
    ],
    also: [],
    celsius: 170,
    pieces: 12,
  },
]
