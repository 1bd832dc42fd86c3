// Forty-four cards in the manner of people, with the foods each names, written before the reader was looked at in this state and run on
// them once: of 340 foods 33 stood in no line by their name and were asked about by nobody (four of them an allergen that nothing else
// on the card told of); one card, a formula in shares of the whole, gave no lines. All invented.
import type { HeardCard } from './fourteenthCards'

export const cards: readonly HeardCard[] = [
  {
    text: 'hiya, for the rocky road i do 250 dark choc 125 coconut oil, couple handfuls of marshmallows (the veggie ones), about 150 of broken up shortbread and whatever nuts are in the tub. melt, stir, set. x',
    foods: ['dark choc', 'coconut oil', 'marshmallow', 'shortbread', 'nuts'],
  },
  {
    text: 'Sheet 14 – Frangipane slice (per 60×40 tray)\nCode\tItem\tKg\n0112\tButter unsalted\t1.500\n0340\tSugar caster\t1.500\n0201\tEgg liquid past.\t1.350\n0417\tAlmond ground\t1.500\n0099\tRice flr\t0.150\nGlaze: apricot nappage, hot. Finish: flaked alm. and a dusting of neige sugar.',
    foods: ['butter', 'sugar', 'egg', 'almond', 'rice', 'apricot', 'flaked alm', 'neige'],
  },
  {
    text: 'Lemon curd\n4 lemons - zest & juice\n200g sugar\n100g butter (or use the block marge for the DF batch)\n3 eggs + 1 yolk\n\nStir over water till it coats the spoon.',
    foods: ['lemon', 'sugar', 'butter', 'marge', 'egg', 'yolk'],
  },
  {
    text: 'Sesame snaps: toast one cup of seeds (sesame, sunflower), boil ½ cup honey with ¼ cup brown sugar to hard crack, tip the seeds in, roll between two sheets of oiled paper.',
    foods: ['sesame', 'sunflower', 'honey', 'brown sugar', 'oil'],
  },
  {
    text: 'Vegan brownie (from the Thursday class)\nDry:\n- 200 plain GF blend\n- 80 cacao\n- 1 t baking pdr\nWet:\n- 240 soy yog\n- 120 neutral oil\n- 1 flax egg (1 T flax + 3 T water)\nFold through: 100 choc chips – check they are not the milk ones!!\nTop: flaky salt, pecans',
    foods: ['GF blend', 'cacao', 'baking', 'soy yog', 'oil', 'flax', 'choc chips', 'salt', 'pecans'],
  },
  {
    text: 'Apple tart\n1 x block of shop pastry\n5 apples\n2 tablespoons of jam for glazing\nMilk to brush the edges\nServe warm with a scoop of something cold, we use vanilla ice cream.',
    foods: ['pastry', 'apple', 'jam', 'milk', 'ice cream'],
  },
  {
    text: 'Parkin\nFlour 8 oz\nOatmeal (medium) 8 oz\nDripping 4 oz\nBlack treacle 8 oz\nMilk ¼ pt\nGinger 2 tsps\nBicarbonate ½ tsp\nKeep a week in a tin before cutting.',
    foods: ['flour', 'oatmeal', 'dripping', 'treacle', 'milk', 'ginger', 'bicarbonate'],
  },
  {
    text: 'Semlor\n\n5 dl vetemjöl special\n75 g smör\n2,5 dl mjölk\n25 g jäst\n1 krm salt\n0,75 dl socker\n2 tsk stött kardemumma\nFyllning\n200 g mandelmassa\n3 dl vispgrädde\nflorsocker att pudra med',
    foods: [
      'vetemjöl',
      'smör',
      'mjölk',
      'jäst',
      'salt',
      'socker',
      'kardemumma',
      'mandelmassa',
      'vispgrädde',
      'florsocker',
    ],
  },
  {
    text: 'Sernik bez spodu\n1 kg twarogu mielonego\n6 jajek\n200 g cukru\n100 g masła\n2 łyżki mąki ziemniaczanej\nskórka z cytryny\ngarść rodzynek\nforma wysmarowana masłem i wysypana bułką tartą',
    foods: ['twarogu', 'jajek', 'cukru', 'masła', 'mąki ziemniaczanej', 'cytryny', 'rodzynek', 'bułką tartą'],
  },
  {
    text: 'Torta caprese\n\n250 g mandorle pelate tritate\n250 g cioccolato fondente\n200 g burro\n200 g zucchero\n5 uova a temperatura ambiente\nun bicchierino di liquore alle nocciole\nzucchero a velo q.b.',
    foods: ['mandorle', 'cioccolato', 'burro', 'zucchero', 'uova', 'nocciole', 'zucchero a velo'],
  },
  {
    text: 'Bolo de fubá\n3 ovos\n2 xícaras de fubá\n1 xícara de leite\n1/2 xícara de óleo\n1 xícara e meia de açúcar\n100 g de queijo ralado\n1 colher (sopa) de fermento em pó\nerva-doce a gosto',
    foods: ['ovos', 'fubá', 'leite', 'óleo', 'açúcar', 'queijo', 'fermento', 'erva-doce'],
  },
  {
    text: 'Drømmekage\n4 æg\n300 g sukker\n300 g hvedemel\n2 dl mælk\n50 g smør\nPå toppen: 150 g smør, 200 g kokosmel, 300 g brun farin, 1 dl mælk',
    foods: ['æg', 'sukker', 'hvedemel', 'mælk', 'smør', 'kokosmel', 'brun farin'],
  },
  {
    text: 'Hazelnut meringue roulade [serves 8]\n5 whites / 275g caster / 1t vinegar (malt is fine) / 1t cornflr\n150g toasted ground hazels folded in\nfill w/ 300ml dbl crm whipped w/ 2T of that praline liqueur\nraspberries',
    foods: ['whites', 'caster', 'vinegar', 'cornfl', 'hazels', 'dbl crm', 'praline liqueur', 'raspberries'],
  },
  {
    text: 'No-bake cheesecake jars\nBase: 8 oat biscuits, bashed; 40 g melted spread\nMiddle: 1 tub (180 g) soft cheese, 2 tbsp icing sugar, 150 ml Elmlea-type cream, squeeze lemon\nTop: lotus-style biscuit crumbs',
    foods: ['oat biscuits', 'spread', 'soft cheese', 'icing sugar', 'cream', 'lemon', 'biscuit crumbs'],
  },
  {
    text: 'Ingredients: sugar, rice flour, vegetable margarine (palm oil, rapeseed oil, water, emulsifier: lecithins (soya)), dried whole egg, raising agents (E450, E500), flavouring, wheat starch (gluten removed).\nMake up with 120 ml water per 400 g.',
    foods: ['sugar', 'rice flour', 'margarine', 'soya', 'egg', 'E450', 'flavouring', 'wheat starch'],
  },
  {
    text: 'Choux buns (GF)\n\n125 ml water, 50 g butter, pinch salt, 75 g GF flour + 1/4 tsp xanthan, 2-3 eggs depending.\n\nCrème pat — see p. 9 (500 ml milk, 5 yolks, 100 g sugar, 40 g cornflour, vanilla pod)\n\nDip the tops in caramel and then in chopped hazelnuts.',
    foods: [
      'butter',
      'salt',
      'GF flour',
      'xanthan',
      'eggs',
      'milk',
      'yolks',
      'sugar',
      'cornflour',
      'vanilla',
      'caramel',
      'hazelnuts',
    ],
  },
  {
    text: "So what you do is you get your chickpea water, about 150 mil, whip that up with a teaspoon of cream of tartar, then you're adding 300 of icing sugar bit by bit. I colour mine with a bit of beetroot powder. Pipe, and then I press a salted peanut in each one before they dry out at 90.",
    foods: ['chickpea water', 'cream of tartar', 'icing sugar', 'beetroot powder', 'peanut'],
  },
  {
    text: 'BATTER (A)\nsorghum flour 18.0%\ntapioca starch 9.0%\nwhole egg 22.5%\nsucrose 21.0%\nskimmed milk powder 3.5%\nveg oil 12.0%\nwater 13.3%\nSAPP 28 0.4%\nsoda 0.3%\nTOTAL 100.0%',
    foods: ['sorghum flour', 'tapioca starch', 'egg', 'sucrose', 'skimmed milk powder', 'veg oil', 'SAPP', 'soda'],
  },
  {
    text: 'Christmas pudding\n1lb mixed fruit (soaked overnight in stout)\n4oz suet – beef or veg\n4oz breadcrumbs\n2oz flaked almonds\n4oz dark sugar\n2 eggs, 1 carrot, 1 apple, spice\nFlame with brandy; serve with brandy butter.',
    foods: [
      'mixed fruit',
      'stout',
      'suet',
      'breadcrumbs',
      'flaked almonds',
      'dark sugar',
      'eggs',
      'carrot',
      'apple',
      'spice',
      'brandy',
      'butter',
    ],
  },
  {
    text: 'Pistachio cake\n200g pistachios*\n100g polenta\n200g sugar\n3 eggs\n150g yoghurt†\n\n* or pumpkin seeds for the school order\n† coconut yoghurt for vegans, in which case use flax instead of egg',
    foods: ['pistachios', 'polenta', 'sugar', 'eggs', 'yoghurt', 'pumpkin seeds', 'coconut yoghurt', 'flax'],
  },
  {
    text: 'Makes 2 x 8" layers\nFlour mix ........ 14 oz\nOf which: brown rice 8, potato starch 4, tapioca 2\nCaster ........ 12 oz\nSoft marg ........ 12 oz\nEggs ........ 6\nFill with jam and buttercream (8 oz butter, 1 lb icing).',
    foods: ['brown rice', 'potato starch', 'tapioca', 'caster', 'soft marg', 'eggs', 'jam', 'butter', 'icing'],
  },
  {
    text: '1. Whisk together the almond flour (2 1/4 cups), coconut sugar (1/2 cup) and salt.\n2. In another bowl beat an egg with a third of a cup of maple syrup and some vanilla.\n3. Combine, then fold in blueberries that you have tossed in a spoonful of arrowroot.\n4. Sprinkle with turbinado sugar and bake at 350.',
    foods: [
      'almond flour',
      'coconut sugar',
      'salt',
      'egg',
      'maple syrup',
      'vanilla',
      'blueberries',
      'arrowroot',
      'turbinado sugar',
    ],
  },
  {
    text: 'Panna cotta x 10\n600 ml whole milk\n600 ml whipping cream\n120 g sugar\n6 leaves gelatine, bloomed\n2 vanilla pods\nGarnish – amaretti, crushed; roasted rhubarb; a shard of brittle (sesame)',
    foods: ['milk', 'whipping cream', 'sugar', 'gelatine', 'vanilla', 'amaretti', 'rhubarb', 'sesame'],
  },
  {
    text: 'Energy balls -- 1C dates; 1C cashews (or sunflower seeds if nut free); 2T cacao nibs; 1T tahini; roll in dessicated coconut or, for the gym, in whey protein',
    foods: ['dates', 'cashews', 'sunflower seeds', 'cacao nibs', 'tahini', 'coconut', 'whey'],
  },
  {
    text: 'Malt loaf free from\n300g gf self raising, 120ml hot tea, 150g malt extract, 2tbs treacle, 300g mixed dried fruit, 2 eggs. Brush w more malt while hot. Spread w butter to serve.',
    foods: ['gf self raising', 'tea', 'malt extract', 'treacle', 'dried fruit', 'eggs', 'butter'],
  },
  {
    text: 'Marzipan fruits\nMarzipan, 500 g (shop)\nColours: paste\nGlaze with gum arabic\nCloves for the stalks\nDust the plums with cornflour',
    foods: ['marzipan', 'paste', 'gum arabic', 'clove', 'cornflour'],
  },
  {
    text: 'Rice pudding brûlée\n\nPudding rice 120 g\nFull cream milk 1 l\nCream 200 ml\nYolks 4\nSugar, plus more for the top\nBay leaf (trust me)\n\nIf the rice sticks let it down with a little evaporated milk.',
    foods: ['rice', 'milk', 'cream', 'yolks', 'sugar', 'bay leaf', 'evaporated milk'],
  },
  {
    text: 'Pumpkin pie\ncrust: 1 1/4 c. GF flour, 1 stick cold butter, 3-4 T ice water\nfilling: 1 can pumpkin, 1 can sweetened condensed, 2 eggs, 1 T pie spice\nwhipped topping',
    foods: ['GF flour', 'butter', 'pumpkin', 'sweetened condensed', 'eggs', 'spice', 'whipped topping'],
  },
  {
    text: 'Tiramisu cups: sponge fingers (ours) dipped in espresso + marsala. Layer w/ mascarpone 500g beaten w/ 4 yolks, 100g sugar; whites folded. Cocoa on top.\nSponge fingers: 4 eggs 120 sugar 120 GF flour',
    foods: [
      'sponge fingers',
      'espresso',
      'marsala',
      'mascarpone',
      'yolks',
      'sugar',
      'whites',
      'cocoa',
      'eggs',
      'GF flour',
    ],
  },
  {
    text: 'Flapjack, nut free\n\nOats (GF) .......... 500\nButter ............. 250\nSyrup .............. 200\nDem. sugar ......... 150\nSeeds: pumpkin/sunfl/linseed . 100\n\nDrizzle: white choc',
    foods: ['oats', 'butter', 'syrup', 'dem. sugar', 'pumpkin', 'sunfl', 'linseed', 'white choc'],
  },
  {
    text: 'For the biscuit, rub 85 grams of lard into 170 grams flour. Bind it with cold water, no egg. The custard is six egg yolks to a pint of single cream with 2 ounces of sugar. Nutmeg to finish — a proper amount.',
    foods: ['lard', 'flour', 'egg yolks', 'single cream', 'sugar', 'nutmeg'],
  },
  {
    text: 'Kids’ cupcakes\n110g each of: SR flour (free from), caster sugar, soft spread\n2 eggs\n1 tbsp milk\nwater icing\nhundreds and thousands, jelly sweets, chocolate buttons',
    foods: [
      'SR flour',
      'caster sugar',
      'soft spread',
      'eggs',
      'milk',
      'icing',
      'hundreds and thousands',
      'jelly sweets',
      'chocolate buttons',
    ],
  },
  {
    text: 'Quince & walnut strudel\n\nFilo, 6 sheets\nclarified butter\n400 g poached quince\n80 g walnuts\n50 g ginger nut crumbs - soak up the juice\n1 egg to seal\n\nN.B. allergen sheet must list filo!',
    foods: ['filo', 'clarified butter', 'quince', 'walnuts', 'ginger nut', 'egg'],
  },
  {
    text: 'Bienenstich glutenfrei\nTeig: 300 g helle Mehlmischung gf, 1/2 Würfel Hefe, 150 ml lauwarme Milch, 50 g Zucker, 60 g weiche Butter, 1 Ei\nBelag: 100 g Butter, 80 g Honig, 200 g Mandelblättchen, 3 EL Sahne\nFüllung: 500 ml Milch, 1 P. Vanillepuddingpulver, 200 g Schlagsahne',
    foods: [
      'Mehlmischung',
      'Hefe',
      'Milch',
      'Zucker',
      'Butter',
      'Ei',
      'Honig',
      'Mandelblättchen',
      'Sahne',
      'Vanillepuddingpulver',
      'Schlagsahne',
    ],
  },
  {
    text: 'Riz au lait\n1 litre de lait entier\n130 g de riz rond\n1 gousse de vanille\n80 g de sucre\nun filet de crème liquide\ncaramel au beurre salé pour napper\nquelques éclats de spéculoos',
    foods: ['lait', 'riz', 'vanille', 'sucre', 'crème', 'caramel', 'beurre salé', 'spéculoos'],
  },
  {
    text: 'Turrón blando casero\n250 gr almendra marcona tostada\n150 gr miel\n100 gr azúcar\n1 clara\nobleas para forrar\nralladura de limón',
    foods: ['almendra', 'miel', 'azúcar', 'clara', 'obleas', 'limón'],
  },
  {
    text: 'Batch #221 Peanut fudge — 2.4 kg\n* evap milk 410 g tin x1\n* gran sugar 1kg\n* butter, salted, 1 pat\n* smooth PB 340 g jar\n* vanilla ess.\nTurn out into tray lined w/ greaseproof (spray release: contains soya lecithin).',
    foods: ['evap milk', 'sugar', 'butter', 'PB', 'vanilla', 'soya lecithin'],
  },
  {
    text: 'Coconut ice\n\n 14oz condensed milk\n 12oz icing sugar\n 12oz desiccated coconut\n\npink food colouring for half. Some of our customers like it half-dipped in dark chocolate, with a few freeze dried raspberries.',
    foods: ['condensed milk', 'icing sugar', 'coconut', 'colouring', 'dark chocolate', 'raspberries'],
  },
  {
    text: 'Dairy free ganache: chocolate & oat drink, 2:1. Whisk in 30 g of vegan block. Loosen with rum or, if alcohol is a problem, almond extract.',
    foods: ['chocolate', 'oat drink', 'vegan block', 'rum', 'almond extract'],
  },
  {
    text: 'Q: can the lemon polenta be made without nuts? A: yes, swap the ground almonds for semolina.\n\nLemon polenta cake\n250 g polenta\n250 g ground almonds\n250 g butter\n250 g sugar\n4 eggs\n3 lemons',
    foods: ['semolina', 'polenta', 'ground almonds', 'butter', 'sugar', 'eggs', 'lemons'],
  },
  {
    text: 'Sticky toffee, DF GF\n\nprunes 200g ◦ boiling water 200ml ◦ bicarb 1tsp\nDF spread 80g ◦ muscovado 120g ◦ eggs 2 ◦ GF SR flour 160g\nsauce: coconut cream 160ml, muscovado 80g, DF spread 40g, miso 1 tsp (barley)',
    foods: ['prunes', 'bicarb', 'DF spread', 'muscovado', 'eggs', 'GF SR flour', 'coconut cream', 'miso', 'barley'],
  },
  {
    text: '"Best ever" choc cake\n2 c sugar\n1-3/4 c flour (Tarn Mill GF)\n3/4 c cocoa\n1 1/2 t each baking powder & soda\n1 t salt\n2 eggs\n1 c milk\n1/2 c veg oil\n2 t vanilla\n1 c boiling coffee\nFrost w/ cream cheese frosting',
    foods: [
      'sugar',
      'flour',
      'cocoa',
      'baking powder',
      'soda',
      'salt',
      'eggs',
      'milk',
      'veg oil',
      'vanilla',
      'coffee',
      'cream cheese',
    ],
  },
  {
    text: 'Lamingtons: stale sponge cut in 5 cm blocks. Icing: 500 g icing sugar, 60 g cocoa, 20 g butter, 125 ml milk. Coconut, fine, about three cups. Jam and cream version: split and fill.',
    foods: ['sponge', 'icing sugar', 'cocoa', 'butter', 'milk', 'coconut', 'jam', 'cream'],
  },
  {
    text: 'Waffles\n\n250g buckwheat\n1 sachet yeast\npinch sug & salt\n450 mls buttermilk/kefir\n2 egg, sep.\n100 butter melted, + extra 4 iron\n\nMaple syr, bacon, toasted pecs',
    foods: ['buckwheat', 'yeast', 'sug', 'salt', 'buttermilk', 'kefir', 'egg', 'butter', 'maple syr', 'bacon', 'pecs'],
  },
]
