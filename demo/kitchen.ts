// The demo kitchen: three people, one mixer, and what was found out about cross-contact.
import type { CrossContact, Evidence, Kitchen, StaffRole } from '@fair-tin/core'
import { dayFrom } from './facts'
import people from './staff.json' with { type: 'json' }

export const bakery = { id: '7b1f4c8e-52a0-4d7e-9a63-0c2f5d1e9b40', name: 'Pennywhistle Lane Bakehouse' }
export interface DemoPerson {
  id: string
  name: string
  role: StaffRole
  email?: string
  password?: string
  pin: string
  /** Markets that a signer is competent for. */
  signsFor?: readonly string[]
}
/** The first owns the bakery. */
export const staff = people as readonly DemoPerson[]

export function kitchen(today: string): { kitchen: Kitchen; evidence: Evidence[] } {
  const day = dayFrom(today)
  // the trouble here: tahini came after the review, and may contain pine nuts
  const absent: CrossContact[] = (
    [
      'rye',
      'barley',
      'brazilNut',
      'pistachio',
      'macadamia',
      'pineNut',
      'lupin',
      'fish',
      'crustaceans',
      'molluscs',
    ] as const
  ).map(allergen => ({ allergen, control: 'notOnSite', evidence: 'site-review' }))
  // only as a supplier's warning, in tubs that stay closed
  const warnedOf: CrossContact[] = (['peanut', 'milk', 'cashew', 'celery', 'mustard', 'sulphites'] as const).map(
    allergen => ({
      allergen,
      control: 'separated',
      equipment: 'closed tubs, own scoops',
      evidence: 'site-review',
    }),
  )
  return {
    kitchen: {
      currency: 'GBP',
      rates: [{ currency: 'EUR', rate: '0.86', from: day(-30) }],
      labourPerHour: '14.50',
      energyPerKwh: '0.27',
      around: { weighLine: 0.4, changeover: 6, packOne: 0.3 },
      running: [
        { name: 'rent and rates', perMonth: '640.00', key: 'labourHour', monthly: 260 },
        { name: 'insurance and tests', perMonth: '118.00', key: 'batch', monthly: 90 },
      ],
      leftOver: 'stock',
      taxes: {
        uk: {
          included: true,
          rates: [
            { name: 'zero-rated', percent: '0' },
            { name: 'standard', percent: '20' },
          ],
        },
        us: { included: false, rates: [{ name: 'no sales tax', percent: '0' }] },
      },
      pricePoint: { step: '0.10', less: '0.05' },
      labelStocks: [
        {
          id: 'cream-sheets',
          name: 'Cream sheets, 8 on A4',
          width: 99,
          height: 70,
          sheet: {
            width: 210,
            height: 297,
            across: 2,
            down: 4,
            left: 5,
            top: 8,
            stepAcross: 101,
            stepDown: 70.5,
          },
        },
        { id: 'long-roll', name: 'Roll for loaves', width: 80, height: 120 },
      ],
      houseRules: [
        {
          claim: 'house:no white flour',
          words: ['white flour', 'plain flour', 'strong flour', 'pastry flour', 'white rice flour'],
          kinds: [],
        },
        {
          claim: 'house:flourless',
          words: ['flour', 'starch', 'semolina', 'polenta'],
          but: ['flour paper'],
          kinds: ['grain'],
        },
        {
          claim: 'keto',
          words: [],
          kinds: ['refinedSugar', 'syrup'],
          carbohydrate: { counted: 'lessPolyols', atMost: 8, per: '100g' },
        },
      ],
      operator: { name: 'Pennywhistle Lane Bakehouse', address: '4 Pennywhistle Lane, Sallowmere SW0 0ZZ' },
      scales: [
        { capacity: 15000, resolution: 1 },
        { capacity: 500, resolution: 0.1 },
      ],
      tins: [
        { shape: 'square', side: 20, depth: 5 },
        { shape: 'loaf', length: 23, width: 13, depth: 7 },
        { shape: 'square', side: 23, depth: 5 },
        { shape: 'round', diameter: 20, depth: 4 },
        { shape: 'round', diameter: 23, depth: 6 },
        { shape: 'ring', diameter: 20, hole: 6, depth: 8 },
        { shape: 'rectangle', length: 30, width: 20, depth: 5 },
        { shape: 'rectangle', length: 33, width: 23, depth: 2 },
        { shape: 'loaf', length: 16, width: 9, depth: 5 },
        { shape: 'cups', count: 12, volumeMl: 100 },
        { shape: 'cups', count: 12, volumeMl: 110 },
      ],
      mixers: [
        { name: 'planetary mixer', grams: 6000 },
        { name: 'stand mixer', grams: 1800 },
      ],
      ovens: [
        { name: 'fan oven', tins: 4, fan: true, kW: 6.5, preheatMinutes: 15 },
        { name: 'deck oven', tins: 2, kW: 4.2, preheatMinutes: 40 },
      ],
      crossContact: [
        ...absent,
        ...warnedOf,
        { allergen: 'gluten', control: 'separated', equipment: 'bench, mixer, fan oven', evidence: 'gluten-swabs' },
        { allergen: 'wheat', control: 'separated', evidence: 'gluten-swabs' },
        { allergen: 'oats', control: 'cleanedAndTested', equipment: 'mixer', evidence: 'gluten-swabs' },
        { allergen: 'egg', control: 'cleanedAndTested', equipment: 'mixer', evidence: 'egg-swabs' },
        { allergen: 'almond', control: 'cleanedAndTested', equipment: 'mixer', evidence: 'nut-swabs' },
        { allergen: 'hazelnut', control: 'cleanedAndTested', equipment: 'mixer', evidence: 'shelf-swabs' },
        { allergen: 'walnut', control: 'cleanedAndTested', equipment: 'mixer', evidence: 'shelf-swabs' },
        { allergen: 'pecan', control: 'cleanedAndTested', equipment: 'mixer', evidence: 'shelf-swabs' },
        { allergen: 'soy', control: 'cleanedAndTested', equipment: 'mixer', evidence: 'shelf-swabs' },
        { allergen: 'sesame', control: 'cleanedAndTested', equipment: 'bench, trays', evidence: 'shelf-swabs' },
        { allergen: 'coconut', control: 'separated', evidence: 'site-review' },
      ],
    },
    evidence: [
      {
        id: 'site-review',
        kind: 'specification',
        reference: 'site review 4',
        dated: day(-22),
        reviewed: day(-22),
        reviewedBy: 'Nell Arrowby',
        expires: day(343),
      },
      {
        id: 'gluten-swabs',
        kind: 'test',
        reference: 'gluten swabs S-118',
        dated: day(-22),
        reviewed: day(-22),
        reviewedBy: 'Nell Arrowby',
        expires: day(160),
      },
      {
        id: 'egg-swabs',
        kind: 'test',
        reference: 'egg swabs S-119',
        dated: day(-22),
        reviewed: day(-22),
        reviewedBy: 'Nell Arrowby',
        expires: day(160),
      },
      {
        id: 'shelf-swabs',
        kind: 'test',
        reference: 'shelf swabs S-121',
        dated: day(-22),
        reviewed: day(-22),
        reviewedBy: 'Tobit Fenn',
        expires: day(160),
      },
      {
        id: 'nut-swabs',
        kind: 'test',
        reference: 'almond swabs S-096',
        dated: day(-203),
        reviewed: day(-200),
        reviewedBy: 'Tobit Fenn',
        expires: day(-20),
      },
    ],
  }
}
