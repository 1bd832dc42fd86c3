// Sentences that follow from what is in the food (FSC Standard 1.2.3, Schedule 9). From memory: verify before relying on it.
import type { StatementRules } from '../rulePack'

export const statements: StatementRules = {
  sweeteners: null,
  // at 10 g per 100 g for some polyols and 25 for others: the stricter stands for all
  laxative: {
    polyolsOverPercent: 10,
    text: 'Excess consumption may have a laxative effect.',
    cite: 'FSC Schedule 9',
  },
  colours: null,
  phenylalanine: {
    each: [
      { eNumber: 'E951', names: ['aspartame'] },
      { eNumber: 'E962', names: ['aspartame-acesulphame salt'] },
    ],
    text: 'Contains phenylalanine.',
    cite: 'FSC Schedule 9',
  },
  frontSymbol: null,
  refused: [],
  mayAsk: [
    {
      names: ['royal jelly'],
      what: 'a warning of severe allergic reactions must stand on it, in the words of the schedule. Does it',
      cite: 'FSC Standard 1.2.3 and Schedule 9',
    },
    {
      names: ['bee pollen', 'propolis'],
      what: 'that it can cause severe allergic reactions must stand on it. Does it',
      cite: 'FSC Standard 1.2.3 and Schedule 9',
    },
    {
      names: ['guarana'],
      what: 'that it contains caffeine must stand on it. Does it',
      cite: 'FSC Standard 1.2.3 and Schedule 9',
    },
    {
      names: ['(?:phyto|plant )(?:sterols?|stanols?)(?: esters?)?'],
      what: 'added plant sterols ask for advice of their own. Does it stand on it',
      cite: 'FSC Standard 1.2.3 and Schedule 9',
    },
  ],
  thawed: null,
  authorisation: [
    { what: 'sweetener', className: 'sweetener', names: [], cite: 'FSC Schedules 15 and 16' },
    { what: 'colour', className: 'colour', names: [], cite: 'FSC Schedules 15 and 16' },
    {
      what: 'novel food',
      names: ['allulose', 'psicose', 'monk fruit', 'luo han guo', 'isomaltulose', 'tagatose'],
      cite: 'FSC Standard 1.5.1 and Schedule 25',
    },
  ],
  processedWheat: null,
}
