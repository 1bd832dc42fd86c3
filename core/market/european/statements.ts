// Sentences on sweeteners, polyols and certain colours. From memory: verify before relying on it.
import type { StatementRules } from '../rulePack'

const annexIII = 'Regulation (EU) 1169/2011, Annex III'

export const europeanStatements: StatementRules = {
  sweeteners: { alone: 'With sweetener(s).', withSugar: 'With sugar(s) and sweetener(s).', cite: annexIII },
  laxative: { polyolsOverPercent: 10, text: 'Excessive consumption may produce laxative effects.', cite: annexIII },
  colours: {
    each: [
      { eNumber: 'E102', names: ['tartrazine'] },
      { eNumber: 'E104', names: ['quinoline yellow'] },
      { eNumber: 'E110', names: ['sunset yellow'] },
      { eNumber: 'E122', names: ['carmoisine'] },
      { eNumber: 'E124', names: ['ponceau 4R', 'ponceau'] },
      { eNumber: 'E129', names: ['allura red'] },
    ],
    text: '{colours}: may have an adverse effect on activity and attention in children.',
    cite: 'Regulation (EC) 1333/2008, Annex V',
  },
  phenylalanine: {
    each: [
      { eNumber: 'E951', names: ['aspartame'] },
      { eNumber: 'E962', names: ['salt of aspartame-acesulfame'] },
    ],
    text: 'Contains a source of phenylalanine.',
    cite: annexIII,
  },
  refused: [],
  mayAsk: [
    {
      names: ['liquorice', 'licorice', 'glycyrrhiz\\p{L}*'],
      what: 'from 100 mg/kg of glycyrrhizinic acid on the list or the name must say liquorice, from 4 g/kg on a warning for people with high blood pressure stands behind the list. How much is in it',
      cite: annexIII,
    },
    {
      names: ['caffeine', 'guarana'],
      what: 'was it added for what caffeine does? Then “Contains caffeine. Not recommended for children or pregnant women”, with mg per 100 g, stands with the name. Is it so',
      cite: annexIII,
    },
    {
      names: ['(?:phyto|plant )(?:sterols?|stanols?)(?: esters?)?'],
      what: 'added plant sterols and stanols ask for several sentences of their own. Which',
      cite: annexIII,
    },
  ],
  thawed: {
    what: 'It is sold thawed: “defrosted” stands with the name, unless thawing harms neither its safety nor its quality. Does it',
    unless: 'defrosted',
    cite: 'Regulation (EU) 1169/2011, Annex VI, part A, 2',
  },
  authorisation: [
    { what: 'sweetener', className: 'sweetener', names: [], cite: 'Regulation (EC) 1333/2008, Annex II' },
    { what: 'colour', className: 'colour', names: [], cite: 'Regulation (EC) 1333/2008, Annex II' },
    {
      what: 'novel food',
      names: ['allulose', 'psicose', 'monk fruit', 'luo han guo', 'chia(?: seeds?)?', 'isomaltulose', 'trehalose'],
      cite: 'Regulation (EU) 2015/2283',
    },
  ],
  frontSymbol: null,
  processedWheat: null,
}
