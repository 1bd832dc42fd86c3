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
