// More of the demo bakery's recipes, written as she writes them on her cards. Behind the bar: what a line is in the larder.
import { type Line, type Recipe, readLine, readStep } from '@fair-tin/core'

/** A card: "## Heading", "amount and thing | larder id" (or "part:id", "part:id@2" frozen), then the method behind "--". */
function card(id: string, name: string, about: Partial<Recipe>, text: string): Recipe {
  const [ingredients = '', method = ''] = text.split(/^\s*--\s*$/m)
  let heading: string | undefined
  const lines: Line[] = []
  for (const row of ingredients.split('\n').map(one => one.trim())) {
    if (row.startsWith('## ')) heading = row.slice(3)
    if (!row.includes('|')) continue
    const [written, of, ...others] = row.split('|').map(one => one.trim()) as [string, string, ...string[]]
    const read = readLine(written)
    const [part, version] = of.startsWith('part:') ? of.slice(5).split('@') : []
    lines.push({
      id: `l${lines.length + 1}`,
      of: part ? { recipe: part, ...(version ? { version: Number(version) } : {}) } : { ingredient: of },
      text: written,
      amount: read.amount,
      ...(read.plus.length ? { plus: read.plus } : {}),
      ...(read.also.length ? { also: read.also } : {}),
      ...(read.form && read.form !== 'ground' && read.form !== 'flaked' ? { form: read.form } : {}),
      ...(read.prep ? { prep: read.prep } : {}),
      ...(read.optional ? { optional: true } : {}),
      ...(read.approximate ? { approximate: true } : {}),
      ...(others.length ? { alternatives: others.map(ingredient => ({ ingredient })) } : {}),
      ...(heading ? { heading } : {}),
      role: read.role,
      ...(read.role === 'finish' && /cool|icing|dust/i.test(written) ? { afterBake: true } : {}),
    })
  }
  return {
    id,
    version: 1,
    name,
    lines,
    steps: method
      .split('\n')
      .map(one => one.trim())
      .filter(Boolean)
      .map(readStep),
    cup: 'us',
    spoon: 'metric',
    ...about,
  }
}

export const parts: Recipe[] = [
  card(
    'light-flour-blend',
    'Light flour blend',
    { bakeLoss: 0 },
    `
    1.2 kg white rice flour | white-rice-flour
    500 g potato starch | potato-starch
    280 g tapioca starch | tapioca-starch
    20 g xanthan gum | xanthan-gum
    --
    Weigh, sift together twice, box and label ahead.
  `,
  ),
  card(
    'lemon-syrup',
    'Lemon syrup',
    { bakeLoss: 0.15 },
    `
    300 g caster sugar | caster-sugar
    200 ml water | water
    120 g lemon juice | lemons
    zest of 2 lemons | lemons
    --
    Simmer for 8 minutes, strain, and cool.
  `,
  ),
  card(
    'lemon-icing',
    'Lemon icing',
    { bakeLoss: 0 },
    `
    500 g icing sugar | icing-sugar
    90 g lemon syrup | part:lemon-syrup
    1 tbsp water | water
    --
    Beat until it falls in a ribbon; use it at once.
  `,
  ),
  card(
    'seed-crumble',
    'Seed crumble',
    { bakeLoss: 0 },
    `
    300 g house flour blend | part:house-flour-blend
    180 g cold plant block, cubed | hard-plant-block
    150 g light cane sugar | light-cane-sugar
    80 g sunflower seeds | sunflower-seeds
    40 g pumpkin seeds | pumpkin-seeds
    a pinch of fine sea salt | salt
    --
    Rub to crumbs, and chill for 30 minutes.
  `,
  ),
  card(
    'date-paste',
    'Date paste',
    { bakeLoss: 0 },
    `
    500 g pitted dates, soaked | pitted-dates
    250 ml boiling water | water
    1 tbsp lemon juice | lemons
    --
    Soak the dates for 60 minutes ahead, then blend smooth.
  `,
  ),
  card(
    'chestnut-cream',
    'Chestnut cream',
    { bakeLoss: 0 },
    `
    260 g coconut milk, chilled | coconut-milk
    120 g chestnut flour, toasted | chestnut-flour
    80 g maple syrup | maple-syrup
    1 tsp vanilla paste | vanilla-paste
    --
    Toast the flour for 10 minutes at 150 °C and let it cool.
    Whip the coconut milk cold, fold the rest in, and chill for 2 hours.
  `,
  ),
  card(
    'coconut-icing',
    'Coconut icing',
    { bakeLoss: 0 },
    `
    250 g hard plant block, softened | hard-plant-block
    400 g icing sugar | icing-sugar
    40 g desiccated coconut | desiccated-coconut
    2 tsp lemon juice | lemons
    --
    Soften the block for 60 minutes ahead.
    Beat pale, and spread on a cooled bake.
  `,
  ),
]

export const bakes: Recipe[] = [
  card(
    'lemon-polenta-traybake',
    'Lemon polenta traybake',
    {
      bakeLoss: 0.09,
      pieces: 20,
      tin: { shape: 'rectangle', length: 30, width: 20, depth: 5 },
      tins: 1,
    },
    `
    ## Cake
    220 g plant butter or coconut oil, softened | plant-butter | coconut-oil
    220 g caster sugar | caster-sugar
    4 large eggs | eggs
    240 g ground almonds | ground-almonds
    180 g fine polenta | polenta
    2 tsp baking powder | baking-powder
    zest of 3 lemons | lemons
    a pinch of fine sea salt | salt
    ## Over it
    260 g lemon syrup | part:lemon-syrup
    10 g plant butter, for greasing the tin | plant-butter
    --
    Soften the butter for 45 to 60 minutes, and take the eggs out of the cold.
    Preheat the oven to 170 °C and line the tin.
    Cream, beat the eggs in one by one, fold in the dry.
    Bake at 170 °C for 35 to 40 minutes, until a skewer comes out clean.
    Spoon the syrup over while it is hot, then cool in the tin for 2 hours.
  `,
  ),
  card(
    'seeded-shortbread',
    'Seeded shortbread',
    {
      bakeLoss: 0.14,
      pieces: 32,
      tin: { shape: 'rectangle', length: 33, width: 23, depth: 2 },
      tins: 1,
    },
    `
    480 g light flour blend | part:light-flour-blend
    320 g cold plant block, cubed | hard-plant-block
    150 g caster sugar | caster-sugar
    60 g sunflower seeds, toasted | sunflower-seeds
    30 g pumpkin seeds, toasted | pumpkin-seeds
    1 tbsp sesame seeds | sesame-seeds
    ½ tsp fine sea salt | salt
    2 tbsp caster sugar, for sprinkling | caster-sugar
    --
    Toast the seeds for 8 minutes and let them cool.
    Rub in, press into the tray, prick, and chill for 30 minutes.
    Bake at 160 °C for 28 to 34 minutes, until pale gold; turn after 15 minutes.
    Cut while warm, and leave in the tin for 20 minutes.
  `,
  ),
  card(
    'beetroot-cocoa-cup',
    'Beetroot cocoa cup',
    {
      bakeLoss: 0.11,
      pieces: 12,
      tin: { shape: 'cups', count: 12, volumeMl: 110 },
      tins: 1,
    },
    `
    250 g beetroot, cooked and grated | beetroot
    150 g light flour blend | part:light-flour-blend
    60 g cocoa powder, sifted | cocoa-powder
    180 g light muscovado sugar | light-muscovado-sugar
    140 ml rapeseed oil | rapeseed-oil
    3 large eggs | eggs
    1½ tsp baking powder | baking-powder
    70 g dark chocolate drops | dark-chocolate-drops
    a little rapeseed oil, for the tin | rapeseed-oil
    --
    Cook the beetroot ahead, 50 minutes, and let it cool.
    Preheat the oven to 175 °C.
    Whisk eggs, sugar and oil, stir in the beetroot, fold in the dry.
    Bake at 175 °C for 20 to 24 minutes, until a skewer comes out clean.
    Leave in the tin for 10 minutes, then on a rack.
  `,
  ),
  card(
    'chestnut-roll',
    'Chestnut roll',
    {
      bakeLoss: 0.12,
      pieces: 10,
      tin: { shape: 'rectangle', length: 33, width: 23, depth: 2 },
      tins: 1,
    },
    `
    ## Sponge
    5 large eggs | eggs
    120 g caster sugar | caster-sugar
    110 g chestnut flour | chestnut-flour
    30 g potato starch | potato-starch
    ## Filling
    420 g chestnut cream | part:chestnut-cream
    20 g icing sugar, to dust when cool | icing-sugar
    10 g potato starch, for dusting the tin | potato-starch
    --
    Take the eggs out of the cold for 60 minutes.
    Preheat the oven to 190 °C and line the tin.
    Whisk eggs and sugar to a ribbon, fold in the sifted flours.
    Bake at 190 °C for 10 to 12 minutes, until it springs back.
    Roll up warm in paper, cool, fill, and chill for 2 hours.
  `,
  ),
  card(
    'coconut-rice-pot',
    'Coconut rice pudding pot',
    {
      bakeLoss: 0.08,
      pieces: 8,
      tin: { shape: 'cups', count: 8, volumeMl: 200 },
      tins: 1,
    },
    `
    800 g coconut milk | coconut-milk
    300 ml rice drink | rice-drink
    110 g polenta, soaked | polenta
    70 g maple syrup | maple-syrup
    zest of 1 orange | oranges
    ½ tsp ground cinnamon | ground-cinnamon
    500 ml water for soaking | water
    80 g raspberries, to decorate when cool | raspberries
    --
    Soak the polenta for 30 minutes ahead, and drain.
    Simmer, stirring, for 20 minutes; fill the pots.
    Bake at 150 °C for 25 to 30 minutes, until a core of 85 °C.
    Cool, then chill for 3 hours.
  `,
  ),
  card(
    'orange-almond-torte',
    'Orange almond torte',
    {
      bakeLoss: 0.1,
      pieces: 12,
      tin: { shape: 'round', diameter: 23, depth: 6 },
      tins: 1,
    },
    `
    2 oranges, boiled whole | oranges
    6 large eggs | eggs
    250 g ground almonds | ground-almonds
    220 g caster sugar | caster-sugar
    1 tsp baking powder | baking-powder
    20 g flaked almonds, for the top | flaked-almonds
    white rice flour, 10 g, for dusting the tin | white-rice-flour
    2 l water for boiling | water
    --
    Boil the oranges for 90 minutes ahead, cool, and blend.
    Preheat the oven to 160 °C.
    Whisk eggs and sugar, fold in oranges and almonds.
    Bake at 160 °C for 60 to 70 minutes, until a core of 93 °C; a skewer misleads.
    Cool in the tin for 30 minutes: it sinks a little, that is normal.
  `,
  ),
  card(
    'banana-date-loaf',
    'Banana date loaf',
    {
      bakeLoss: 0.1,
      pieces: 12,
      tin: { shape: 'loaf', length: 23, width: 13, depth: 7 },
      tins: 1,
    },
    `
    3 medium ripe bananas, mashed | bananas
    260 g date paste | part:date-paste
    280 g house flour blend | part:house-flour-blend
    120 ml rapeseed oil | rapeseed-oil
    2 tbsp ground linseed | linseed
    6 tbsp warm water | water
    2 tsp baking powder | baking-powder
    1 tsp ground cinnamon | ground-cinnamon
    50 g walnuts, chopped (optional) | walnuts
    coconut milk, to serve | coconut-milk
    1 tsp rapeseed oil, for the tin | rapeseed-oil
    --
    Stir linseed and water ahead and leave for 15 minutes.
    Preheat the oven to 170 °C and oil the tin.
    Mash, stir together, fill.
    Bake at 170 °C for 50 to 60 minutes, until a core of 95 °C.
    Leave in the tin for 15 minutes, then on a rack.
  `,
  ),
  card(
    'ginger-treacle-square',
    'Ginger treacle square',
    {
      bakeLoss: 0.1,
      pieces: 25,
      tin: { shape: 'square', side: 23, depth: 5 },
      tins: 1,
    },
    `
    ## Cake
    320 g house flour blend | part:house-flour-blend
    150 g black treacle | black-treacle
    120 g golden syrup | golden-syrup
    140 g dark muscovado sugar | dark-muscovado-sugar
    150 g plant butter, melted | plant-butter
    220 ml soya or rice drink | soya-drink | rice-drink
    2 large eggs | eggs
    1½ tbsp ground ginger | ground-ginger
    1½ tsp bicarbonate of soda | bicarbonate-of-soda
    ## Icing
    230 g lemon icing, for the top when cool | part:lemon-icing
    5 g plant butter, for greasing the tin | plant-butter
    --
    Melt butter, syrups and sugar ahead, 10 minutes, and let cool.
    Preheat the oven to 160 °C.
    Stir everything together quickly and pour.
    Bake at 160 °C for 45 to 50 minutes, until a skewer comes out clean.
    Cool for 2 hours before icing.
  `,
  ),
  card(
    'hazelnut-cocoa-biscuit',
    'Hazelnut cocoa biscuit',
    {
      bakeLoss: 0.15,
      pieces: 36,
    },
    `
    200 g ground hazelnuts | ground-hazelnuts
    220 g light flour blend | part:light-flour-blend
    40 g cocoa powder | cocoa-powder
    140 g erythritol | erythritol
    170 g coconut oil, melted | coconut-oil
    1 large egg | eggs
    1 tsp baking powder | baking-powder
    30 g hazelnuts, chopped, for the top | hazelnuts
    --
    Mix, roll, and chill for 45 minutes.
    Bake at 170 °C for 12 to 14 minutes; turn after 7 minutes.
    Leave on the tray for 10 minutes: they harden as they cool.
  `,
  ),
  card(
    'carrot-walnut-slice',
    'Carrot walnut slice',
    {
      bakeLoss: 0.1,
      pieces: 24,
      tin: { shape: 'rectangle', length: 30, width: 20, depth: 5 },
      tins: 1,
    },
    `
    ## Cake
    360 g carrots, grated | carrots
    300 g house flour blend, the first one | part:house-flour-blend@1
    200 g light muscovado sugar | light-muscovado-sugar
    180 ml sunflower oil | sunflower-oil
    4 large eggs | eggs
    2 tsp baking powder | baking-powder
    2 tsp mixed spice | mixed-spice
    80 g walnuts, toasted and chopped | walnuts
    ## Icing
    420 g coconut icing, for the top when cool | part:coconut-icing
    8 g sunflower oil, for the tin | sunflower-oil
    --
    Toast the walnuts for 8 minutes.
    Preheat the oven to 170 °C.
    Whisk, fold, fill.
    Bake at 170 °C for 35 to 42 minutes, until a skewer comes out clean.
    Cool for 2 hours before icing, then cut into 24.
  `,
  ),
  card(
    'apple-crumble-tart',
    'Apple crumble tart',
    {
      bakeLoss: 0.13,
      pieces: 12,
      tin: { shape: 'round', diameter: 23, depth: 6 },
      tins: 1,
    },
    `
    420 g short pastry | part:short-pastry
    ## Filling
    1.1 kg apples, peeled and cored | apples
    90 g light cane sugar | light-cane-sugar
    1 tbsp cornflour | cornflour
    juice of 1 lemon | lemons
    ## Top
    340 g seed crumble, for the top | part:seed-crumble
    10 g brown rice flour, for dusting the bench | brown-rice-flour
    --
    Roll out the pastry, line the tin, and chill for 30 minutes.
    Preheat the oven to 180 °C.
    Fill, and scatter the crumble over.
    Bake at 180 °C for 45 to 55 minutes, until the crumble is gold and the juice bubbles.
    Cool for 90 minutes: it sets as it cools.
  `,
  ),
  card(
    'poppy-seed-sandwich',
    'Poppy seed sandwich cake',
    {
      bakeLoss: 0.11,
      pieces: 14,
      tin: { shape: 'round', diameter: 20, depth: 4 },
      tins: 3,
    },
    `
    ## Sponge
    6 large eggs | eggs
    280 g caster sugar | caster-sugar
    260 g light flour blend | part:light-flour-blend
    120 ml rapeseed oil | rapeseed-oil
    60 ml almond drink | almond-drink
    40 g poppy seeds | poppy-seeds
    2 tsp baking powder | baking-powder
    zest of 2 oranges | oranges
    ## Between and on top
    520 g lemon icing, for the top when cool | part:lemon-icing
    6 g rapeseed oil, for the tins | rapeseed-oil
    --
    Take the eggs out of the cold for 60 minutes.
    Preheat the oven to 175 °C and oil the tins.
    Whisk eggs and sugar to a ribbon, fold in the rest.
    Bake at 175 °C for 18 to 22 minutes, until a skewer comes out clean.
    Cool for 90 minutes, then stack and ice.
  `,
  ),
]
