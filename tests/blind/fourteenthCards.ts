// Forty-nine cards in the manner of people, with the foods each names, written before the reader was looked at and run on them once:
// of 323 foods on the 45 that could be read, 55 stood in no line and were asked about by nobody; four cards were not read at all.
// All invented. A food counts as heard where a line is called so, or a question names it.
export interface HeardCard {
  text: string
  foods: readonly string[]
}
export const cards: readonly HeardCard[] = [
  {
    text: "Damson traybake\n\nYou'll want a 20 by 30 tin, brushed with melted ghee.\n\n- Buckwheat flour ... 240g\n- Castor sugar ..... 180 g\n- 3 eggs (large), seperated\n- damsons, stoned: a good pound\n\nFold the whites in last. Scatter with nibbed almonds before it goes in.",
    foods: ['ghee', 'buckwheat flour', 'castor sugar', 'eggs', 'damsons', 'nibbed almonds'],
  },
  {
    text: "Ginger slab\n2 mugs gram flour\n1 mug dark muscovado\nhalf a mug of rapeseed oil\nthree fat spoonfuls of treacle, warmed\nsame of stem ginger syrup\na heaped dsp of ground ginger\n\nMix. Bake at 160 fan till a skewer's clean. Spread thickly with condensed milk icing when cold.",
    foods: [
      'gram flour',
      'muscovado',
      'rapeseed oil',
      'treacle',
      'stem ginger syrup',
      'ground ginger',
      'condensed milk',
    ],
  },
  {
    text: 'Plum cobbler (feeds 6)\nFruit: 900 g plums + 60 g sugar + the juice of 1/2 lemon\nTopping: 150 g rice flour / 50 g cornflour / 1½ tsp baking powder / 75 g cold butter, cubed / 120 ml buttermilk\nServe with custard.',
    foods: ['plums', 'sugar', 'lemon', 'rice flour', 'cornflour', 'baking powder', 'butter', 'buttermilk', 'custard'],
  },
  {
    text: 'TAHINI BLONDIES\nIngredients (makes 16)\ntahini 200g; golden syrup 80g; light brown sugar 150g; eggs x2; ground almonds 120g; white choc chunks 100g (see note)\nNote: I usually use the Penny bar which has wheat crisp in it',
    foods: ['tahini', 'golden syrup', 'light brown sugar', 'eggs', 'ground almonds', 'white choc', 'wheat crisp'],
  },
  {
    text: "Nan's rock cakes\nTake 8oz flour (plain), rub in 4oz marg, stir in 3oz currants and 3oz sugar, a grating of nutmeg. Bind with one beaten egg and a splash of milk. Drop on a floured sheet.",
    foods: ['flour', 'marg', 'currants', 'sugar', 'nutmeg', 'egg', 'milk'],
  },
  {
    text: 'Meringue kisses\n4 egg whites\n225 g caster sugar\n1 tsp vanilla\n\nFor sandwiching: 150 ml whipped double cream, or coconut cream if dairy-free is wanted\nFor rolling: chopped pistachios',
    foods: ['egg white', 'caster sugar', 'vanilla', 'double cream', 'coconut cream', 'pistachios'],
  },
  {
    text: '| qty | what | how |\n|---|---|---|\n| 300 g | teff flour | sifted with the cocoa |\n| 40 g | cocoa | |\n| 2 | eggs | |\n| | salt | pinch |\n| 100 g | hazelnut spread | swirled through |',
    foods: ['teff flour', 'cocoa', 'eggs', 'salt', 'hazelnut spread'],
  },
  {
    text: 'Banana bread. Mash up three very ripe bananas, add two eggs and 100g melted coconut oil. Then 200g oat flour (mine are ordinary oats whizzed up), 1 tsp bicarb, pinch salt. Walnuts if you like them - about 60g. Line the loaf tin with paper greased with whatever spread is open.',
    foods: ['bananas', 'eggs', 'coconut oil', 'oat flour', 'bicarb', 'salt', 'walnuts', 'spread'],
  },
  {
    text: 'Polenta cake\n200g butter or dairy-free block\n200g sugar\n3 eggs\n200g ground almonds OR half almonds half fine polenta\n1½ tsp b.p.\nzest of 2 oranges, juice of 1\nsyrup - juice of the other + 50g icing sugar',
    foods: ['butter', 'dairy-free block', 'sugar', 'eggs', 'almonds', 'polenta', 'b.p.', 'orange', 'icing sugar'],
  },
  {
    text: 'Carrot muffins x12\n\n200 gr carots, grated\n2 eieren\n150 gr boekweitmeel\n100 ml zonnebloemolie\n1 tl kaneel\n50 g gehakte pecannoten',
    foods: ['carots', 'eieren', 'boekweitmeel', 'zonnebloemolie', 'kaneel', 'pecannoten'],
  },
  {
    text: "Gâteau au chocolat\n200 g de chocolat noir\n150 g de beurre demi-sel\n4 œufs\n120 g de sucre en poudre\n60 g de fécule de maïs\n1 c. à s. d'eau-de-vie de prune\nbeurrer et fariner le moule",
    foods: ['chocolat noir', 'beurre', 'œufs', 'sucre', 'maïs', 'prune', 'farin'],
  },
  {
    text: 'Mohnkuchen\n250 g gemahlener Mohn\n5 Eier (getrennt)\n150 g Butter, weich\n150 g Zucker\n100 g gemahlene Haselnüsse\n1 Pck. Vanillezucker\n1 Prise Salz\nForm einfetten und mit Semmelbröseln ausstreuen',
    foods: ['Mohn', 'Eier', 'Butter', 'Zucker', 'Haselnüsse', 'Vanillezucker', 'Salz', 'Semmelbrösel'],
  },
  {
    text: 'Torta de naranja\n3 huevos\n200 g de azúcar\n120 ml de aceite de oliva\n250 g de almendra molida\n2 naranjas enteras, cocidas\n1 sobre de levadura química\nmantequilla para el molde',
    foods: ['huevos', 'azúcar', 'aceite de oliva', 'almendra', 'naranjas', 'levadura', 'mantequilla'],
  },
  {
    text: "Sticky date pudding\n225g dates, chopd\n1 tsp bicarb\n250 ml boiling water\n85 g sft butter\n140g demerera\n2 lge eggs beat'n\n175g GF SR flour (check label - barley malt?)\n---\ntoffee sauce\n100 g light musc\n100g butter\n275 ml dbl cream",
    foods: ['dates', 'bicarb', 'water', 'butter', 'demerera', 'eggs', 'flour', 'light musc', 'dbl cream'],
  },
  {
    text: 'Energy balls:\n1c oats\n1/2c pb\n1/3c honey\n2T chia\n1/4c mini choc chips (dairy)\nroll in dessicated coconut or crushed graham-type biscuits',
    foods: ['oats', 'pb', 'honey', 'chia', 'choc chips', 'coconut', 'biscuits'],
  },
  {
    text: 'Lemon drizzle:\nWeigh 4 eggs in their shells; same weight of sugar, of butter and of rice flour. Zest of 3 lemons. Juice goes in the drizzle with 100 g granulated. A dusting of semolina in the tin stops it sticking.',
    foods: ['eggs', 'sugar', 'butter', 'rice flour', 'lemon', 'granulated', 'semolina'],
  },
  {
    text: 'Pastry, as for quiche but sweet: 6 oz flour blend B, 3oz lard/butter mix, 1 yolk, iced water to bring together. Filling - 1 jar mincemeat (the one w/ suet), 2 tbsp brandy.',
    foods: ['flour blend', 'lard', 'butter', 'yolk', 'water', 'mincemeat', 'suet', 'brandy'],
  },
  {
    text: 'Brownies (GF)\n\nDry\n90g brown rice fl.\n30g tapioca st.\n75 g cocoa pdr\n½ t xanthan\n\nWet\n225 g btr\n4 lg egg\n1 T van. ext.\n\nFinish\nsea salt flakes, toasted hazels, a drizzle of tahini',
    foods: ['brown rice', 'tapioca', 'cocoa', 'xanthan', 'btr', 'egg', 'van', 'sea salt', 'hazels', 'tahini'],
  },
  {
    text: 'Yoghurt cake\n1 pot natural yoghurt, then use the pot to measure:\n2 pots sugar\n3 pots flour (GF)\n1 pot oil\n3 eggs\n1 sachet baking powder\nMy tip: a handful of semolina in place of some flour gives it bite.',
    foods: ['yoghurt', 'sugar', 'flour', 'oil', 'eggs', 'baking powder', 'semolina'],
  },
  {
    text: 'Florentines\n50g flaked almonds, 50g mixed peel, 25 g glacé cherries, 25g angelica\n50g butter, 50g demerara, 50g syrup\n50 g plain flour — for GF swap for cornflour\nDark choc to coat the backs\nMakes abt 18',
    foods: ['almonds', 'mixed peel', 'cherries', 'angelica', 'butter', 'demerara', 'syrup', 'plain flour', 'choc'],
  },
  {
    text: 'CHEESECAKE\n\nBASE ~ 200g digestives (gluten free), 80g unsalted butter\nTOP ~ 600 g full fat soft cheese; 150 g icing sugar; 3 eggs + 1 yolk; 200ml soured cream; seeds of a vanilla pod\nTO SERVE ~ blackcurrant compôte, shortbread crumbs',
    foods: [
      'digestives',
      'butter',
      'soft cheese',
      'icing sugar',
      'eggs',
      'yolk',
      'soured cream',
      'vanilla',
      'blackcurrant',
      'shortbread',
    ],
  },
  {
    text: "dad's parkin: oatmeal 225, flour 225, treacle 225, butter 110, sugar 110, ginger 2tsp, milk 150ml, 1 egg. (grams unless said)",
    foods: ['oatmeal', 'flour', 'treacle', 'butter', 'sugar', 'ginger', 'milk', 'egg'],
  },
  {
    text: 'Soda loaf\n450g brown-bread flour mix\n400ml soured milk (milk + lemon juice left 10 min)\n1 level tsp soda\n1 tbsp linseed + extra to top\nBrush with egg wash. Tip: dust the board with wheat bran.',
    foods: ['flour mix', 'milk', 'lemon', 'soda', 'linseed', 'egg', 'wheat bran'],
  },
  {
    text: 'Marshmallow:\n12 sheets leaf gelatine (fish)\n500g sugar\n4 tsp glucose\n2 whites\ncornfl./icing sugar to dust',
    foods: ['gelatine', 'sugar', 'glucose', 'whites', 'cornfl', 'icing sugar'],
  },
  {
    text: 'Panna cotta, 4 pots\n\n300 mL single cream (35 % of it may be oat cream)\n100 mL whole milk\n2 gelatine leaves\n40 g sugar\npraline paste, a tsp each, on top',
    foods: ['single cream', 'oat cream', 'whole milk', 'gelatine', 'sugar', 'praline'],
  },
  {
    text: 'Step 1. Melt 110 g dairy free spread with 2 tbsp golden syrup.\nStep 2. Stir in 225 g rolled oats, 75 g soft brown sugar and a fistful of sultanas.\nStep 3. Press into a tin wiped with sunflower oil. Sprinkle sesame.\nStep 4. 180C, 25 min. Cool. Cut. Dip one end in milk chocolate.',
    foods: ['spread', 'golden syrup', 'oats', 'brown sugar', 'sultanas', 'sunflower oil', 'sesame', 'milk chocolate'],
  },
  {
    text: 'Friands\n• 125 g unsalted butter — beurre noisette\n• 100 g almond meal\n• 30 g GF plain flour\n• 200 g icing mixture\n• 5 egg-whites\n• 100 g raspb.\n* icing mixture contains starch (wheaten), check',
    foods: ['butter', 'almond meal', 'flour', 'icing mixture', 'egg', 'raspb'],
  },
  {
    text: "Pavlova roulade. For 8.\nWhisk 5 whites with 275g caster; 1tsp each cornflour, vinegar (malt's fine) & vanilla.\nFill: 300ml dbl cream whipped, 4 passionfruit, 2 tbsp lemon curd.\nRoll on paper strewn with flaked almonds.",
    foods: [
      'whites',
      'caster',
      'cornflour',
      'vinegar',
      'vanilla',
      'dbl cream',
      'passionfruit',
      'lemon curd',
      'almonds',
    ],
  },
  {
    text: 'Scones\n250 g self-raising (the free-from one)\n½ tsp xanthan gum\n50g cold block marg\n1 large egg made up to 150ml with milk\nGlaze: the last of the egg\nFruit optional, glacé cherries rinsed',
    foods: ['self-raising', 'xanthan', 'marg', 'egg', 'milk', 'cherries'],
  },
  {
    text: 'Truffles: cream 150ml, dark choc 200g 70%, butter knob, whisky 1tbsp. Roll: cocoa/chopped nuts/hundreds & thousands. NB cheaper choc has whey in.',
    foods: ['cream', 'dark choc', 'butter', 'whisky', 'cocoa', 'nuts', 'hundreds & thousands', 'whey'],
  },
  {
    text: "Chestnut torte\n\n   435 g tin chestnut purée\n   4 eggs, sep'd\n   100 g caster\n   1 dsp rum\n\nDecorate w/ marrons glacés + crème fraîche. Tin: buttered, base lined, dusted w/ ground rice.",
    foods: ['chestnut', 'eggs', 'caster', 'rum', 'marrons', 'crème fraîche', 'butter', 'ground rice'],
  },
  {
    text: "Oaty crumble top (for any fruit)\nequal parts oats, ground almonds, sugar, spread -- by weight, 80 g each does a 20cm dish\nhandful of pumpkin seed\nLaura's way: use barley flakes not oats",
    foods: ['oats', 'ground almonds', 'sugar', 'spread', 'pumpkin seed', 'barley flakes'],
  },
  {
    text: 'Coconut macaroons\n3 whites\n200g cstr sugar\n250g dessic. coconut\npinch crm of tartar\nrice paper to stand on\nIf too wet add a spoon of flour',
    foods: ['whites', 'sugar', 'coconut', 'crm of tartar', 'rice paper', 'flour'],
  },
  {
    text: 'Christmas pud\n100 g veg suet (has wheat flour, use GF one!)\n100g breadcrumbs, GF\n200g raisins\n200g sultanas\n50g flaked almonds\n1 bramley\n150ml stout\n2 eggs\nbutter the basin',
    foods: ['suet', 'breadcrumbs', 'raisins', 'sultanas', 'almonds', 'bramley', 'stout', 'eggs', 'butter'],
  },
  {
    text: 'Ricotta tart: case - 1 x 23cm bought pastry case. filling - 500g ricotta, 3 eggs, 100g sugar, rind & juice lemon, 50g sultanas soaked in marsala, 2 tblspns pine kernels',
    foods: ['pastry case', 'ricotta', 'eggs', 'sugar', 'lemon', 'sultanas', 'marsala', 'pine'],
  },
  {
    text: 'Matcha cookies\n120g vegan butter alt\n100g sugar\n1 flax egg (1T ground flax + 3T water)\n180 g gluten free oat flour\n1T matcha\n80g white chocolate (veg.)',
    foods: ['vegan butter', 'sugar', 'flax', 'oat flour', 'matcha', 'white chocolate'],
  },
  {
    text: 'Pancakes for the counter Sat\n100 g buckwheat, 100 g spelt\n2 eggs\n300ml half-fat\nfry in dripping\nserve: lemon, sugar, or choc hazelnut',
    foods: ['buckwheat', 'spelt', 'eggs', 'half-fat', 'dripping', 'lemon', 'sugar', 'choc hazelnut'],
  },
  {
    text: 'Treacle tart\n375g pack s/crust pastry\n450g g.syrup\n150g white b/crumbs\n1 lemon\n2 tbsp dbl crm\nbeaten egg to seal case',
    foods: ['pastry', 'syrup', 'b/crumbs', 'lemon', 'dbl crm', 'egg'],
  },
  {
    text: 'Halva slice\n\n300g sugar | 100 ml water | 450g sesame paste | 80g pistachio kernels (slivered) | 1/2 tsp cardamom | orange blossom water q.b.',
    foods: ['sugar', 'water', 'sesame paste', 'pistachio', 'cardamom', 'orange blossom'],
  },
  {
    text: 'Bread & butter pud - 8 slices brioche, buttered; 4 eggs; 1 pt milk; 3 oz sug; sultanas; nutmeg; apricot jam to glaze',
    foods: ['brioche', 'butter', 'eggs', 'milk', 'sug', 'sultanas', 'nutmeg', 'apricot jam'],
  },
  {
    text: 'Apple strudel: fillo 6 sheets. brush each w. melted butter, strew with crumbs (old sponge). apples 1kg, sug 80g, cinn 1 tsp, walnuts 60g, raisins',
    foods: ['fillo', 'butter', 'crumbs', 'apples', 'sug', 'cinn', 'walnuts', 'raisins'],
  },
  {
    text: 'Choux\n150ml water\n60g butter\n75g flour (for coeliacs 50g rice flour + 25g cornflour + ¼ tsp psyllium)\n2-3 eggs, as it takes\nCreme pat: 500ml milk, 5 yolks, 100g sugar, 40g cornflour, vanilla pod',
    foods: [
      'water',
      'butter',
      'flour',
      'rice flour',
      'cornflour',
      'psyllium',
      'eggs',
      'milk',
      'yolks',
      'sugar',
      'vanilla',
    ],
  },
  {
    text: 'Nougat\n200 g honey\n300 g sugar\n2 wh.\n250 g toasted almonds & hazelnuts, mixed\n2 sheets wafer',
    foods: ['honey', 'sugar', 'wh', 'almonds', 'hazelnuts', 'wafer'],
  },
  {
    text: "Peanut caramel shards: 200 g sugar, 50 ml water, 150 g salted p'nuts, tsp of soya lecithin, 30 g ghee to grease the marble",
    foods: ['sugar', 'water', 'nuts', 'soya lecithin', 'ghee'],
  },
  {
    text: 'Kladdkaka\n2 ägg\n3 dl strösocker\n1,5 dl vetemjöl\n4 msk kakao\n100 g smör\nströbröd till formen',
    foods: ['ägg', 'strösocker', 'vetemjöl', 'kakao', 'smör', 'ströbröd'],
  },
  {
    text: 'Bolo de cenoura\n3 cenouras\n4 ovos\n1 xícara de óleo\n2 xícaras de açúcar\n2½ xícaras de farinha de trigo\n1 colher de sopa de fermento\nCobertura: leite condensado, manteiga e chocolate',
    foods: [
      'cenouras',
      'ovos',
      'óleo',
      'açúcar',
      'farinha de trigo',
      'fermento',
      'leite condensado',
      'manteiga',
      'chocolate',
    ],
  },
  {
    text: 'Szarlotka\n1 kg jabłek\n300 g mąki pszennej\n200 g masła\n2 żółtka\n100 g cukru pudru\n2 łyżki śmietany\nbułka tarta',
    foods: ['jabłek', 'mąki', 'masła', 'żółtka', 'cukru', 'śmietany', 'bułka tarta'],
  },
  {
    text: 'Crostata\n300 g farina 00\n150 g burro\n120 g zucchero\n1 uovo + 1 tuorlo\nscorza di limone\n250 g confettura di albicocche\nmandorle a lamelle q.b.',
    foods: ['farina', 'burro', 'zucchero', 'uovo', 'tuorlo', 'limone', 'confettura', 'mandorle'],
  },
]
