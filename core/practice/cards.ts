// An invented bake, moment by moment, and what can go wrong at each: for practice, and never for the records. What each slip would
// have meant is common practice of kitchens that bake free-from.
import type { Step } from '../model/recipe'

/** `harm`: somebody could be hurt; `law`: the label would be wrong; `bake`: only the bake is spoilt. */
export type Weight = 'harm' | 'law' | 'bake'
export interface Fault {
  id: string
  /** What is wrong, in a few words: one of the answers. */
  title: string
  /** What is seen where it is so. */
  sees: string
  weight: Weight
  meant: string
  why: string
}
export interface Moment {
  id: string
  /** What is about to be done. */
  doing: string
  /** What is seen where all is well. */
  sees: string
  /** Where something is weighed: what the recipe asks for, and the lot that stands ready. */
  line?: { name: string; grams: number; lot: string; role?: 'release' }
  /** Where it stands in the method: its step, and whether it is done at the tins or where the bowl is shared out instead. */
  step?: Step
  at?: 'tins' | 'share'
  faults: readonly Fault[]
}

export const practiceBake = {
  name: 'Lantern Night cocoa squares',
  claims: ['gluten-free', 'dairy-free', 'nut-free'],
  pieces: 24,
}

export const moments: readonly Moment[] = [
  {
    id: 'mixer',
    doing: 'The mixer is taken over from the bake before.',
    sees: 'Before it: seeded crackers, without nuts or milk. Wiped down, as the plan says.',
    step: { text: 'Take the mixer over from the bake before, cleaned as the plan says.', when: 'ahead' },
    faults: [
      {
        id: 'mixer-nuts',
        title: 'The mixer was not cleaned with a test after nuts',
        sees: 'Before it: almond torte. Wiped down, it looks clean.',
        weight: 'harm',
        meant: 'Almond in squares that are sold as nut-free.',
        why: 'What clings to a mixer is not seen. After nuts a clean that was tested stands before anything nut-free.',
      },
    ],
  },
  {
    id: 'tin',
    doing: 'The tins are greased and dusted.',
    sees: 'Sunflower oil, then cocoa through the sieve.',
    line: { name: 'Sunflower oil', grams: 12, lot: 'SO-9', role: 'release' },
    at: 'tins',
    step: { text: 'Grease the tins with sunflower oil, and dust them with cocoa.', when: 'bench' },
    faults: [
      {
        id: 'floured-tin',
        title: 'The tin is dusted with wheat flour',
        sees: 'Sunflower oil, then flour from the shaker by the door.',
        weight: 'harm',
        meant: 'Wheat on every square of a gluten-free bake.',
        why: 'What the tin is made ready with is eaten. The shaker by the door is for the bread.',
      },
      {
        id: 'release-wheat',
        title: 'The release spray has wheat in it',
        sees: 'Release spray. Its can says: rapeseed oil, wheat flour, emulsifier.',
        weight: 'harm',
        meant: 'Wheat on every square of a gluten-free bake.',
        why: 'A spray is an ingredient. It is declared, and it breaks a claim like any other.',
      },
    ],
  },
  {
    id: 'fat',
    doing: 'The fat is weighed: 360 g.',
    sees: 'A hard plant block, lot QB-31, in date.',
    line: { name: 'Hard plant block', grams: 360, lot: 'QB-31' },
    faults: [
      {
        id: 'ghee',
        title: 'Ghee is milk',
        sees: 'A jar of ghee, “clarified, free of lactose”.',
        weight: 'harm',
        meant: 'Milk in squares that are sold as dairy-free.',
        why: 'Clarified butter is made of milk, and its protein is not all gone. Free of lactose is not free of milk.',
      },
      {
        id: 'old-lot',
        title: 'The lot is past its date',
        sees: 'A hard plant block, lot QB-19, use by three weeks ago.',
        weight: 'law',
        meant: 'Food past its use-by date was used.',
        why: 'A use-by date is about safety. The lot is stopped, whatever it smells like.',
      },
    ],
  },
  {
    id: 'flour',
    doing: 'The flour goes in: 420 g, and 6 g of xanthan gum.',
    sees: 'House blend of rice and tapioca, made on Monday, nothing else in it.',
    line: { name: 'House flour blend', grams: 420, lot: 'HB-07' },
    faults: [
      {
        id: 'premix-gum',
        title: 'The premix has gum in it already',
        sees: 'A bought premix: rice flour, tapioca starch, xanthan gum.',
        weight: 'bake',
        meant: 'Gum twice: squares like rubber.',
        why: 'What a premix brings counts. The gum of the recipe is left out, or less of it goes in.',
      },
    ],
  },
  {
    id: 'bran',
    doing: 'Two spoons of bran for the crumb.',
    sees: 'Rice bran, its pack says rice and nothing else.',
    line: { name: 'Rice bran', grams: 20, lot: 'RB-2' },
    faults: [
      {
        id: 'barley-bran',
        title: 'There is barley in the bran',
        sees: 'A bag of bran mix: rice bran, barley bran.',
        weight: 'harm',
        meant: 'Barley in a gluten-free bake.',
        why: 'Barley has gluten. “Bran” alone says nothing of what it is of.',
      },
    ],
  },
  {
    id: 'drink',
    doing: '300 ml of oat drink.',
    sees: 'Oat drink from the shelf, marked gluten-free, opened today.',
    line: { name: 'Oat drink, gluten-free', grams: 300, lot: 'OD-114' },
    faults: [
      {
        id: 'any-milk',
        title: '“Any milk” is cow’s milk here',
        sees: 'The card says “any milk”. The jug in the cold is the one for the coffee.',
        weight: 'harm',
        meant: 'Milk in squares that are sold as dairy-free.',
        why: 'A recipe that says “any” leaves the claim to whoever is in a hurry. It is asked, and written down.',
      },
    ],
  },
  {
    id: 'chocolate',
    doing: 'Dark chocolate, chopped: 200 g.',
    sees: 'Two bars of the usual one, 200 g together. Free of milk and nuts by its specification.',
    line: { name: 'Dark chocolate', grams: 200, lot: 'DC-58' },
    faults: [
      {
        id: 'short-chocolate',
        title: 'The other bar may contain milk and nuts',
        sees: 'One bar is there, 120 g. The rest from a bar in the drawer: “may contain milk, hazelnuts”.',
        weight: 'harm',
        meant: 'A warning of milk and hazelnut under “dairy-free” and “nut-free”.',
        why: 'What may contain breaks “free from”. A short batch is better than another bar.',
      },
    ],
  },
  {
    id: 'spoon',
    doing: 'Everything is folded together.',
    sees: 'A clean spatula from the rack of this bench.',
    step: { text: 'Fold everything together until smooth.', when: 'bench' },
    faults: [
      {
        id: 'nut-spoon',
        title: 'The spoon comes from the nut bowl',
        sees: 'The spoon that lies beside the bowl of chopped walnuts.',
        weight: 'harm',
        meant: 'Walnut in squares that are sold as nut-free.',
        why: 'A spoon carries more than enough. What it touched is thrown away, and it is written down.',
      },
    ],
  },
  {
    id: 'scale',
    doing: 'The batter is portioned, 650 g a tin.',
    sees: 'The scale is tared with the tin on it, and shows 648 g.',
    at: 'share',
    faults: [
      {
        id: 'tare',
        title: 'The scale was not tared with the tin on it',
        sees: 'The scale was tared before the tin was set on it. It shows 650 g with tin and batter.',
        weight: 'bake',
        meant: 'Every tin short by the weight of the tin, and every pack short of what it says.',
        why: 'A pack that weighs less than it says is against the law of measures too.',
      },
    ],
  },
  {
    id: 'oven',
    doing: 'After 28 minutes the oven is looked into.',
    sees: 'The probe shows 95 °C in the middle. 93 °C was asked for.',
    step: {
      text: 'Bake until the skewer comes out nearly clean and the core is hot enough.',
      when: 'oven',
      celsius: 180,
      minutes: { firstLook: 28, from: 28, to: 34 },
      coreCelsius: 93,
    },
    faults: [
      {
        id: 'skewer',
        title: 'The core is not hot enough yet',
        sees: 'The skewer comes out clean. The probe shows 84 °C in the middle. 93 °C was asked for.',
        weight: 'harm',
        meant: 'A raw middle, sold for three days.',
        why: 'In so moist a bake a skewer misleads. The limit is the probe’s: five minutes more, and measured again.',
      },
    ],
  },
  {
    id: 'beside',
    doing: 'A pot goes into each box.',
    sees: 'Coconut yoghurt, free of milk and nuts by its specification.',
    step: { text: 'Put a pot to go along into each box.', when: 'after' },
    faults: [
      {
        id: 'yoghurt',
        title: 'The yoghurt that goes along is of milk',
        sees: 'Natural yoghurt, for whoever ordered with yoghurt.',
        weight: 'harm',
        meant: 'Milk in a box that says dairy-free.',
        why: 'What is packed along is eaten along. It is named on its own, or it does not go into that box.',
      },
    ],
  },
  {
    id: 'label',
    doing: 'The labels go on.',
    sees: 'Printed this morning for this batch, signed as it stands.',
    step: { text: 'Put the labels of this batch on.', when: 'after' },
    faults: [
      {
        id: 'old-label',
        title: 'The labels are older than the change',
        sees: 'A roll that was left from last week. On Friday the supplier wrote that the cocoa may contain milk.',
        weight: 'harm',
        meant: 'A label that says less than is in the food.',
        why: 'A label that is out of date is thrown away, however many are left on the roll.',
      },
    ],
  },
]
