// Recipes to try the reading with, one for each way they come: all of the demo bakery's world, invented.
export interface ExampleCard {
  /** How it comes. */
  kind: string
  text: string
}
export const exampleCards: readonly ExampleCard[] = [
  {
    kind: 'a card',
    text: `Seed crackers (vegan, gluten free)
Makes 24

200 g buckwheat flour
60 g pumpkin seeds
2 tbsp ground linseed
½ tsp fine sea salt
120 ml water
1 tbsp rapeseed oil, for the tin

Roll thin. Bake at 180 °C for 15 to 18 minutes.`,
  },
  {
    kind: 'a hasty note',
    text: `Harbour scones x 8
gf sr flour 250
baking powder 1t
xanthan 1/2 t
plant butter 50 cold
sugar 40
soya milk 150 ml
fruit? sultanas 75

hot oven 220, 12 min
top w/ flaked almonds if not for school`,
  },
  {
    kind: 'a table',
    text: `Quayside biscuit
| Ingredient | Weight | % |
|---|---|---|
| White rice flour | 300 g | 46 |
| Caster sugar | 150 g | 23 |
| Plant butter | 200 g | 31 |
| TOTAL | 650 g | |

Rub in, press out, bake 25 min at 170 °C. Serve with clotted cream.`,
  },
  {
    kind: 'a page fallen apart',
    text: `Lamp-lighter cake
Serves 8
4
eggs
225 g
plant butter
225 g
caster sugar
275 g
gluten-free flour mix
2
lemons
Beat it all together. Bake in a greased and floured 2lb loaf tin at 160°C fan for 45-50 minutes.`,
  },
  {
    kind: 'told aloud',
    text: `0:04 hello everyone this is my rocky shore slice
0:11 so you need two hundred and fifty grams of dark chocolate
0:15 a hundred grams of coconut oil
0:19 three tablespoons of golden syrup
0:24 and then two hundred grams of gluten free biscuits smashed up
0:35 melt the chocolate, oil and syrup together
0:41 stir in the biscuits and press it in a tin
0:50 sprinkle over pistachios and put it in the fridge for two hours`,
  },
  {
    kind: 'another tongue',
    text: `Apfelkuchen glutenfrei
Zutaten:
250 g Reismehl
125 g Margarine
120 g Zucker
2 Eier
1 gestr. TL Backpulver
4 Äpfel
50 g gehackte Mandeln

Zubereitung:
Alles verrühren, Äpfel darauf verteilen, mit Mandeln bestreuen.
Bei 180 °C 45 Minuten backen.`,
  },
]
