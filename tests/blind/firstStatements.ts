// Sixty supplier statements, each with what it says is in it and what may be, written down before the reader was run on any.
// All invented. "nuts" and "gluten" are the groups: said without a kind, so each kind stays open. "absent" is what is said not to be in it.
export interface SaidStatement {
  text: string
  contains: string
  may?: string
  absent?: string
}
const said = (text: string, contains: string, may = '', absent = ''): SaidStatement => ({ text, contains, may, absent })
export const statements: readonly SaidStatement[] = [
  said(
    'Sugar, cocoa butter, whole milk powder, cocoa mass, emulsifier: soya lecithin. May contain nuts.',
    'milk soy',
    'nuts',
  ),
  said('Chickpeas, water, salt. Contains no milk, eggs or nuts.', '', '', 'milk egg nuts'),
  said('Soya: present. Milk: absent. Gluten: absent. Egg: may contain traces.', 'soy', 'egg', 'milk gluten'),
  said('Filling (sugar, may contain nuts), rice flour, palm oil', '', 'nuts'),
  said('Free from nuts, milk and egg. Ingredients: rice flour, potato starch, tapioca', '', '', 'nuts milk egg'),
  said('Margarine (vegetable oils (palm, rapeseed), water, salt, emulsifier (E471), buttermilk powder)', 'milk'),
  said(
    'Cereal bar: oat flakes 42 %, honey, almonds 12 %, sesame seeds. Packed in a factory that handles peanuts and milk.',
    'oats almond sesame',
    'peanut milk',
  ),
  said('Breadcrumbs (wheat flour, water, yeast, salt)', 'wheat'),
  said('Breadcrumbs, salt, herbs', 'gluten'),
  said('Emulsifier: lecithins. Sugar. Vanilla extract.', ''),
  said('Worcester sauce (barley malt vinegar, molasses, anchovies, tamarind)', 'barley fish'),
  said('Ingredients: WHEAT flour, BUTTER (MILK), free range EGGS, sugar', 'wheat milk egg'),
  said('Mixed nuts (cashews, brazils), raisins (sunflower oil)', 'cashew brazilNut'),
  said('Nougat, cocoa mass', 'nuts'),
  said('Praline filling, milk chocolate', 'nuts milk'),
  said('Pesto (basil, oil, cheese, pine kernels)', 'milk pineNut'),
  said('Satay paste', 'peanut'),
  said('Dukkah spice blend', 'nuts sesame'),
  said('Brioche pieces, sugar', 'gluten milk egg'),
  said('Beer batter mix', 'gluten'),
  said('Not suitable for people with a nut allergy. Dates, oats.', 'oats', 'nuts'),
  said('Made on equipment that also processes egg and mustard. Maize starch.', '', 'egg mustard'),
  said('Almonds 100 %. May also contain other nuts and peanuts.', 'almond', 'nuts peanut'),
  said(
    'Zutaten: Zucker, Weizenmehl, Magermilchpulver, Haselnüsse. Kann Spuren von Erdnüssen enthalten.',
    'wheat milk hazelnut',
    'peanut',
  ),
  said(
    'Ingrédients : sucre, farine de blé, beurre, œufs, lait écrémé en poudre. Peut contenir des fruits à coque.',
    'wheat milk egg',
    'nuts',
  ),
  said(
    'Ingredienti: farina di frumento, zucchero, uova, burro. Può contenere tracce di soia.',
    'wheat egg milk',
    'soy',
  ),
  said(
    'Ingredientes: harina de trigo, leche, huevos, mostaza. Puede contener trazas de sésamo.',
    'wheat milk egg mustard',
    'sesame',
  ),
  said(
    'Ingrediënten: tarwebloem, suiker, melkpoeder, eieren. Kan sporen van noten bevatten.',
    'wheat milk egg',
    'nuts',
  ),
  said('Składniki: mąka pszenna, cukier, mleko w proszku, jaja. Może zawierać orzechy.', 'wheat milk egg', 'nuts'),
  said('Složení: pšeničná mouka, mléko, vejce. Může obsahovat arašídy.', 'wheat milk egg', 'peanut'),
  said(
    'Ingredienser: vetemjöl, mjölk, ägg, mandel. Kan innehålla spår av jordnötter.',
    'wheat milk egg almond',
    'peanut',
  ),
  said('Ainesosat: vehnäjauho, maito, kananmuna. Saattaa sisältää pähkinää.', 'wheat milk egg', 'nuts'),
  said(
    'Ingredientes: farinha de trigo, leite, ovos, amêndoa. Pode conter amendoim.',
    'wheat milk egg almond',
    'peanut',
  ),
  said('Состав: мука пшеничная, молоко сухое, яйцо. Может содержать следы арахиса.', 'wheat milk egg', 'peanut'),
  said('Mustard flour, water, spirit vinegar, salt, turmeric', 'mustard'),
  said('Vegetable bouillon: salt, celeriac, lovage, yeast extract (barley)', 'celery barley'),
  said('Crab sticks: surimi (fish), wheat starch, egg white, crab extract', 'fish wheat egg crustaceans'),
  said('Oyster sauce (oyster extract, soya beans, wheat)', 'molluscs soy wheat'),
  said('Dried apricots, preservative (sulphur dioxide)', 'sulphites'),
  said('Apricots (dried), sunflower oil. Contains SO2.', 'sulphites'),
  said('Lupin flour, pea protein, sea salt', 'lupin'),
  said('Coconut milk (coconut extract 60 %, water), guar gum', 'coconut'),
  said('Sugar, glucose syrup, modified maize starch, whey powder (from milk), sodium caseinate', 'milk'),
  said(
    'Plain chocolate (cocoa solids 55 % min), hazelnut pieces. Allergen advice: for allergens see ingredients in bold.',
    'hazelnut',
  ),
  said('Tahini 100 % ground sesame', 'sesame'),
  said('Halva: sesame paste, glucose, egg albumen', 'sesame egg'),
  said('Gluten free oats. Gluten < 20 ppm.', 'oats', '', ''),
  said(
    'Contains: Milk, Soy. Manufactured in a facility that also handles tree nuts and wheat.',
    'milk soy',
    'nuts wheat',
  ),
  said('No added sugar. Ingredients: dates, cashew nuts, cocoa powder.', 'cashew'),
  said(
    'Dairy free spread: rapeseed oil, water, pea protein. Suitable for vegans. Produced in a dairy free factory.',
    '',
    '',
    'milk',
  ),
  said('Spelt flakes, rye flakes, malted barley flour', 'wheat rye barley'),
  said('Semolina, kamut, bulgur', 'wheat'),
  said('Ghee, khoya, paneer', 'milk'),
  said('Marzipan (sugar, almonds 25 %, invert sugar syrup), apricot kernels', 'almond'),
  said('Vegetable fat, sugar, skimmed milk powder 15%; cocoa; emulsifiers: E322 (soya), E476; flavouring', 'milk soy'),
  said('This product contains nuts. Store in a cool place.', 'nuts'),
  said('Allergens: none. Ingredients: tapioca starch.', ''),
  said('Traces: lupin, sesame. Corn flour, rice flour', '', 'lupin sesame'),
  said('Rice syrup, puffed rice, peanut butter (peanuts, palm oil)', 'peanut'),
  said('Mayonnaise (rapeseed oil, pasteurised egg yolk, mustard bran, lemon juice concentrate)', 'egg mustard'),
]
