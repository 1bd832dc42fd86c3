// Fifty cards in the manner of people, with the foods each names, written before the reader was looked at in this state and run on
// them once: of 380 foods 19 stood in no line by their name and were asked about by nobody, of which five might have hidden an
// allergen that nobody was told of ("smält 100 g smör", "Zartbitterkuvertüre", "800 condensed", "cream:choc", "couverture"). All invented.
import type { HeardCard } from './fourteenthCards'

export const cards: readonly HeardCard[] = [
  {
    text: 'ok so banana bread voice note: right you mash three really black bananas, then one twenty five grams of melted butter goes in, two eggs, a hundred and fifty of soft brown sugar, two hundred self raising, a pinch of salt and I chuck in a handful of walnuts, sometimes pecans. forty five minutes at one seventy.',
    foods: ['bananas', 'butter', 'eggs', 'brown sugar', 'self raising', 'salt', 'walnuts', 'pecans'],
  },
  {
    text: '# Lemon polenta cake\n\n| Ingredient | Amount | Notes |\n|---|---|---|\n| Polenta, fine | 200 g | not instant |\n| Ground almonds | 200 g | Lot on the tub |\n| Unsalted butter | 225 g | soft |\n| Caster sugar | 250 g | |\n| Eggs | 3 | large |\n| Lemons | 2 | zest only; juice in the syrup |\n| Baking powder (GF) | 1½ tsp | |\n\nSyrup: juice of the 2 lemons + 100 g icing sugar.',
    foods: ['Polenta', 'almonds', 'butter', 'Caster sugar', 'Eggs', 'Lemons', 'Baking powder', 'icing sugar'],
  },
  {
    text: 'PEANUT BUTTER BLONDIES\nMAKES 16\nBUTTER .......... 170\nPEANUT BUTTER ... 120\nLT BROWN SUG .... 300\nEGG ............. 2 + 1 YOLK\nVANILLA ......... 1T\nAP FLOUR ........ 250\nSALT ............ ½t\nWHITE CHOC ...... 150\nBAKE 175 / 24',
    foods: ['BUTTER', 'PEANUT BUTTER', 'SUG', 'EGG', 'YOLK', 'VANILLA', 'FLOUR', 'SALT', 'WHITE CHOC'],
  },
  {
    text: 'Ingredients: <ul><li>240&nbsp;ml oat milk</li><li>1&frac12; cups gluten&#8209;free flour</li><li>2 tbsp tahini</li><li>&frac14; cup maple syrup</li></ul><p>Whisk, then fold in <b>a cup of chopped dates</b> and bake.</p>',
    foods: ['oat milk', 'flour', 'tahini', 'maple syrup', 'dates'],
  },
  {
    text: 'Sticky toffee pud – 24 portions\nA) 500g dates, 500ml boiling water, 2tsp bicarb\nB) 200g butter / 350g dark muscovado\nC) 5 eggs\nD) 450g SR flour + 2 tbsp milk powder\nSauce = 400 cream, 300 sugar, 200 butter. Bit of black treacle if you like it dark.\nServe w/ custard or clotted cream',
    foods: [
      'dates',
      'bicarb',
      'butter',
      'muscovado',
      'eggs',
      'SR flour',
      'milk powder',
      'cream',
      'sugar',
      'treacle',
      'custard',
      'clotted cream',
    ],
  },
  {
    text: "Grandad's gingernuts: rub 4oz lard into 12oz plain flour. Stir in 6oz demerara, 3 teaspoons ground ginger and a teaspoon of soda dissolved in a splash of milk. Warm 4oz syrup and bind. Roll walnut-sized balls. An almond on each one at Christmas.",
    foods: ['lard', 'plain flour', 'demerara', 'ginger', 'soda', 'milk', 'syrup', 'almond'],
  },
  {
    text: 'GF choux\nwater 125\nmilk 125\nbutter 110\nrice flr 80 / tapioca 50 / psyllium 3\neggs 240 (weigh!)\nfilling: crème mousseline (see card 8) 600\ntop w craquelin: butter 50, dem. sugar 60, ground hazels 60',
    foods: ['milk', 'butter', 'rice flr', 'tapioca', 'psyllium', 'eggs', 'mousseline', 'sugar', 'hazels'],
  },
  {
    text: 'Rhubarb fool\n- Rhubarb: 400g, cut small\n- Sugar: to taste (start at 80g)\n- Double cream: 300ml, softly whipped\n- Greek yoghurt: 150g\n- To finish: crushed amaretti, 1 each',
    foods: ['Rhubarb', 'Sugar', 'Double cream', 'yoghurt', 'amaretti'],
  },
  {
    text: 'For the base, blitz 200g digestives (I use the GF ones) with 90g melted dairy free spread. For the top, beat 600g vegan soft cheese, 150g icing sugar, the juice of a lime and 270ml coconut cream. Set with 2g agar boiled in 50ml water. Mango purée over, about 200g.',
    foods: ['digestives', 'spread', 'soft cheese', 'icing sugar', 'lime', 'coconut cream', 'agar', 'Mango'],
  },
  {
    text: 'Gâteau au yaourt\n1 pot de yaourt nature\n2 pots de sucre\n3 pots de farine\n1/2 pot d’huile de tournesol\n3 œufs\n1 sachet de levure chimique\nune noix de beurre pour le moule',
    foods: ['yaourt', 'sucre', 'farine', 'huile', 'œufs', 'levure', 'beurre'],
  },
  {
    text: 'Mandelhörnchen (ca. 20 Stück)\n400 g Marzipanrohmasse\n200 g Puderzucker\n2 Eiweiß\n1 EL Zitronensaft\n150 g gehobelte Mandeln\nzum Tunken: 200 g Zartbitterkuvertüre',
    foods: ['Marzipan', 'Puderzucker', 'Eiweiß', 'Zitronensaft', 'Mandeln', 'kuvertüre'],
  },
  {
    text: 'Polvorones de almendra\n300 g de harina tostada\n150 g de manteca de cerdo\n120 g de azúcar glas\n100 g de almendra molida\nuna cucharadita de canela\najonjolí por encima',
    foods: ['harina', 'manteca', 'azúcar', 'almendra', 'canela', 'ajonjolí'],
  },
  {
    text: 'Drømmekage\n4 æg\n300 g sukker\n2 dl mælk\n50 g smør\n250 g hvedemel\n2 tsk bagepulver\nTopping: 125 g smør, 200 g kokosmel, 250 g brun farin, 0,75 dl mælk',
    foods: ['æg', 'sukker', 'mælk', 'smør', 'hvedemel', 'bagepulver', 'kokosmel', 'farin'],
  },
  {
    text: 'Boterkoek\n250 g bloem\n200 g roomboter\n200 g witte basterdsuiker\n1 ei, losgeklopt\n1 zakje vanillesuiker\nsnufje zout\neventueel amandelschaafsel',
    foods: ['bloem', 'roomboter', 'basterdsuiker', 'ei', 'vanillesuiker', 'zout', 'amandel'],
  },
  {
    text: 'Formula 2B (100% flour = 1000)\nflour T55 100%\nbutter 62%\nsugar 38%\nyolk 8%\nsalt 1.2%\ninclusions 30% (1/2 pistachio 1/2 cranberry)',
    foods: ['flour', 'butter', 'sugar', 'yolk', 'salt', 'pistachio', 'cranberry'],
  },
  {
    text: '🍪 COOKIES 🍪\n🧈 200g vegan block\n🍬 100g caster + 100g light brown\n🌾 300g GF SR\n🍫 200g choc (the 70)\n🥛 3 tbsp soya\n🧂 pinch',
    foods: ['vegan block', 'caster', 'light brown', 'GF SR', 'choc', 'soya'],
  },
  {
    text: 'Mum’s trifle – sponge fingers to line the bowl, soaked with sherry; tin of peaches, drained; strawberry jelly (1 pack); custard, a pint, cold; whipped cream to cover; hundreds & thousands and toasted flaked almonds last minute.',
    foods: ['sponge fingers', 'sherry', 'peaches', 'jelly', 'custard', 'cream', 'hundreds', 'almonds'],
  },
  {
    text: 'Step 1. Toast the oats (150g) and sunflower seeds (60g).\nStep 2. Warm honey (120g), peanut butter (100g, crunchy) & coconut oil (50g).\nStep 3. Combine; fold in dried cherries (80g) and white chocolate (50g).\nStep 4. Press into the tray; drizzle w/ more white chocolate.',
    foods: ['oats', 'sunflower', 'honey', 'peanut butter', 'coconut oil', 'cherries', 'white chocolate'],
  },
  {
    text: 'Item;Qty;Unit;Supplier code\nFlour, buckwheat;1,2;kg;A-100\nMilk, whole;900;ml;B-22\nEggs free range;8;pc;C-3\nButter clarified (ghee);0,15;kg;B-90\nSalt fine;10;g;D-1',
    foods: ['buckwheat', 'Milk', 'Eggs', 'ghee', 'Salt'],
  },
  {
    text: 'Meringue roulade — whites of 5, 275 caster, 1 tsp each cornflour, vinegar & vanilla. Bake on oiled paper. Fill: 300 whipping cream, punnet raspberries, passion curd 3 tbsp. Dust icing sug.',
    foods: [
      'whites',
      'caster',
      'cornflour',
      'vinegar',
      'vanilla',
      'whipping cream',
      'raspberries',
      'passion curd',
      'icing sug',
    ],
  },
  {
    text: 'Carrot cake loaf - same as the courgette one but: swap courgette for carrot, leave out the lime, add 80g sultanas and 50g pecans, cinnamon 2t\nCourgette one: 250 GF SR, 200 sunflower oil, 200 sugar, 3 eggs, 300 courgette, 1 lime\nicing - 200 philly-type soft cheese, 60 butter, 120 icing',
    foods: [
      'carrot',
      'sultanas',
      'pecans',
      'cinnamon',
      'GF SR',
      'oil',
      'sugar',
      'eggs',
      'soft cheese',
      'butter',
      'icing',
    ],
  },
  {
    text: 'Protein balls\n2 scoops vanilla whey\n1 C rolled oats\n½ C almond butter\n2 T honey\n2 T cacao nibs\nroll in dessicated coconut or sesame',
    foods: ['whey', 'oats', 'almond butter', 'honey', 'cacao nibs', 'coconut', 'sesame'],
  },
  {
    text: 'Tiramisu (vegan trial 3)\n• sponge: 150 GF blend, 120 aquafaba, 90 sugar\n• cream: 300 silken tofu, 200 soaked cashews, 80 maple, 1 lemon\n• soak: 200 espresso, 40 marsala (check fined?)\n• dust: cocoa',
    foods: ['GF blend', 'aquafaba', 'sugar', 'tofu', 'cashews', 'maple', 'lemon', 'espresso', 'marsala', 'cocoa'],
  },
  {
    text: 'Queen cakes\nTake a pound of butter worked to a cream, a pound of sugar, the same of flour well dried, ten eggs, a pound of currants, a little mace and a glass of brandy. Bake in small pans buttered.',
    foods: ['butter', 'sugar', 'flour', 'eggs', 'currants', 'mace', 'brandy'],
  },
  {
    text: 'Prep list Fri: 2x lemon drizzle; 1x brownie (nut free!!); tub of buttercream – 1kg icing, 500 butter, splash milk, 2t van; caramel – 800 condensed, 200 butter, 200 golden, salt',
    foods: ['icing', 'butter', 'milk', 'van', 'condensed', 'golden', 'salt'],
  },
  {
    text: 'Fruit scones\nScones (8):\n  350 g self-raising flour,\n  85 g butter, cubed,\n  3 tbsp caster sugar,\n  175 ml milk (or half milk half buttermilk),\n  100 g sultanas,\n  beaten egg, to glaze.\nTo serve: jam and clotted cream.',
    foods: ['self-raising flour', 'butter', 'sugar', 'milk', 'buttermilk', 'sultanas', 'egg', 'jam', 'clotted cream'],
  },
  {
    text: 'Kladdkaka: smält 100 g smör, rör i 2 ägg, 3 dl socker, 4 msk kakao, 1,5 dl vetemjöl och en nypa salt. Grädda i smord och bröad form. Servera med grädde.',
    foods: ['smör', 'ägg', 'socker', 'kakao', 'vetemjöl', 'salt', 'grädde'],
  },
  {
    text: 'Crostata\nPer la frolla: 300 g di farina 00, 150 g di burro, 120 g di zucchero a velo, 1 uovo e 1 tuorlo, scorza di limone.\nRipieno: 400 g di ricotta, 2 cucchiai di marmellata, una manciata di pinoli.',
    foods: ['farina', 'burro', 'zucchero', 'uovo', 'tuorlo', 'limone', 'ricotta', 'marmellata', 'pinoli'],
  },
  {
    text: 'Brownies (from the tin)\n\n1 pkt GF brownie mix\n+ oil as per packet\n+ 2 of the small eggs\n+ tbsp instant coffee\n+ whatever choc needs using\n+ dollop of Nutty spread (hazelnut one) swirled',
    foods: ['brownie mix', 'oil', 'eggs', 'coffee', 'choc', 'hazelnut'],
  },
  {
    text: 'Filling = 2:1 cream:choc by wt (600 cream), 40 glucose, 60 butter.\nShell: sablé breton – 4 yolks, 160 sug, 160 butter, 225 T55, 10 b.p., 2 fleur de sel',
    foods: ['cream', 'choc', 'glucose', 'butter', 'yolks', 'sug', 'T55', 'sel'],
  },
  {
    text: 'Mince pies: pastry as usual (the spelt). Mincemeat: suet 200, currants 200, raisins 200, peel 100, apples 2, brandy 4 fl oz, almonds slivered 50, nutmeg. Egg wash; dust.',
    foods: ['spelt', 'suet', 'currants', 'raisins', 'peel', 'apples', 'brandy', 'almonds', 'nutmeg', 'Egg'],
  },
  {
    text: 'Panna cotta x12\n1.2 L cream (36%)\n180 sugar\n1 pod\n5 leaves gelatine (bronze)\nServe: berry compote + a langue de chat',
    foods: ['cream', 'sugar', 'pod', 'gelatine', 'berry', 'langue de chat'],
  },
  {
    text: 'Energy bar - dry mix 60%: oats 40, puffed rice 10, pumpkin seed 10. Binder 40%: glucose syrup 20, peanut paste 15, palm oil 5. Enrobe in milk choc @ 25% of finished weight.',
    foods: ['oats', 'puffed rice', 'pumpkin seed', 'glucose', 'peanut', 'palm oil', 'milk choc'],
  },
  {
    text: 'You will need: three medium eggs; their weight in butter, sugar and flour; a level teaspoon of baking powder; a tablespoon of warm water. Sandwich with raspberry jam & buttercream.',
    foods: ['eggs', 'butter', 'sugar', 'flour', 'baking powder', 'raspberry jam', 'buttercream'],
  },
  {
    text: 'Halva brownies\n250g dark chocolate\n200g butter\n4 eggs\n280g caster sugar\n120g plain flour\n30g cocoa\n200g halva, broken up\n80g tahini\nA good glug of date molasses. Black sesame over.',
    foods: [
      'dark chocolate',
      'butter',
      'eggs',
      'sugar',
      'flour',
      'cocoa',
      'halva',
      'tahini',
      'date molasses',
      'sesame',
    ],
  },
  {
    text: 'INGR. | A (std) | B (vegan)\nbutter | 200 | –\nmargarine | – | 200\neggs | 4 | –\nsoya yog | – | 180\nflour GF | 250 | 250\nsugar | 200 | 200',
    foods: ['butter', 'margarine', 'eggs', 'soya yog', 'flour', 'sugar'],
  },
  {
    text: 'for a 23 cm tin\n* six ounces of ground hazelnuts\n* five egg whites and two whole eggs\n* five ounces icing sugar and three ounces caster\n* an ounce and a half of browned butter\n* one heaped tablespoon of rice flour',
    foods: ['hazelnuts', 'egg whites', 'eggs', 'icing sugar', 'caster', 'butter', 'rice flour'],
  },
  {
    text: 'Choc orange torte (Passover)\nmatzo meal 60g, almonds gr. 120g, choc 200g, marg. 150g, eggs x6 sep., sugar 180g, orange zest x2',
    foods: ['matzo', 'almonds', 'choc', 'marg', 'eggs', 'sugar', 'orange'],
  },
  {
    text: 'Oatcakes\n225g oats, medium + 1 tbsp bran\n60ml hot water w/ 1 tbsp bacon fat or butter melted in it\n½ tsp salt ½ tsp bicarb\nextra oatmeal to roll',
    foods: ['oats', 'bran', 'bacon fat', 'butter', 'salt', 'bicarb', 'oatmeal'],
  },
  {
    text: 'Dairy-free ganache: equal weights 55% couverture and coconut milk, with a spoon of glucose; for the hazelnut version stir in 10% praline paste',
    foods: ['couverture', 'coconut milk', 'glucose', 'praline paste'],
  },
  {
    text: 'Pierniki\nmąka żytnia 500 g\nmiód 250 g\ncukier 100 g\nmasło 120 g\njajka 2 szt.\nsoda 2 łyżeczki\nprzyprawa korzenna 1 op.\nlukier: białko + cukier puder',
    foods: ['mąka żytnia', 'miód', 'cukier', 'masło', 'jajka', 'soda', 'przyprawa', 'białko'],
  },
  {
    text: 'Cheesecake ckies:\nc/c 225g | b 115g | cs 150g | 1 e | gf flr 260g | bp 1t | van 1t | gf grah crumbs 50g for rolling',
    foods: ['c/c', 'b', 'cs', 'e', 'gf flr', 'bp', 'van', 'crumbs'],
  },
  {
    text: 'Christmas pudding (makes 3 x 2 pint)\n1 lb each of raisins, sultanas, currants, suet and breadcrumbs; ½ lb each flour and mixed peel; 8 eggs; a bottle of stout; rind and juice of two lemons; 4oz blanched almonds, chopped',
    foods: [
      'raisins',
      'sultanas',
      'currants',
      'suet',
      'breadcrumbs',
      'flour',
      'peel',
      'eggs',
      'stout',
      'lemons',
      'almonds',
    ],
  },
  {
    text: 'Sheet cake, 1/2 size:\n 2 3/4 c cake flour, sifted\n1 3/4c sugar\n1 stick + 2 Tbsp butter\n1C b-milk\n4 lg eggs, rm temp\nFrost w/ cream ch. frosting (1 recipe)',
    foods: ['cake flour', 'sugar', 'butter', 'b-milk', 'eggs', 'cream ch'],
  },
  {
    text: 'Notes from tasting: too dry last time so up the yoghurt to 200 and drop the almonds to 80. Original: 120 ground almonds, 150 yoghurt, 3 eggs, 100 honey, zest of an orange, 50 olive oil.',
    foods: ['yoghurt', 'almonds', 'eggs', 'honey', 'orange', 'olive oil'],
  },
  {
    text: 'Bara brith\n- soak 450g mixed dried fruit in 300ml tea (strong) overnight\n- next day + 1 egg, 250g wholemeal SR, 175g muscovado, 1tsp mixed spice, 2 dsp marmalade\n- 170° 1½h; slice, spread w salted butter',
    foods: ['dried fruit', 'tea', 'egg', 'wholemeal', 'muscovado', 'mixed spice', 'marmalade', 'butter'],
  },
  {
    text: 'Dulce de leche alfajores: maicena 300, harina 0000 200, manteca 200, azúcar 150, yemas 3, coñac 1 cda, ralladura de limón. Unir con dulce de leche repostero y pasar por coco rallado.',
    foods: ['maicena', 'harina', 'manteca', 'azúcar', 'yemas', 'coñac', 'limón', 'dulce de leche', 'coco'],
  },
  {
    text: 'Florentines\n  Butter          50 g\n  Demerara        50 g\n  Golden syrup    50 g\n  Plain flour     50 g\n  Nuts (see *)   100 g\n  Cherries        25 g\n  Dark choc      200 g\n* equal almonds & walnuts, or all pistachio for the deluxe',
    foods: ['Butter', 'Demerara', 'syrup', 'flour', 'almonds', 'walnuts', 'pistachio', 'Cherries', 'Dark choc'],
  },
  {
    text: 'Lussekatter glutenfria\n50 g jäst / 5 dl mjölk / 1 g saffran / 2 dl socker / 250 g kesella / 100 g smör / ca 8 dl glutenfri mjölmix / 2 msk fiberhusk\nPensling: uppvispat ägg. Russin.',
    foods: ['jäst', 'mjölk', 'saffran', 'socker', 'kesella', 'smör', 'mjölmix', 'fiberhusk', 'ägg', 'Russin'],
  },
  {
    text: 'The sauce wants: a tin of evap, same tin filled with sugar twice, a walnut of butter, two caps of almond essence. Boil soft ball; if it grains, add a spoon of golden syrup and start again.',
    foods: ['evap', 'sugar', 'butter', 'almond essence', 'golden syrup'],
  },
]
