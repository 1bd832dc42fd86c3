// Sentences that follow from what is in the food. From memory: verify before relying on it.
import type { StatementRules } from '../rulePack'

export const statements: StatementRules = {
  sweeteners: null,
  laxative: null,
  colours: null,
  phenylalanine: {
    each: [{ eNumber: 'E951', names: ['aspartame'] }],
    text: 'Phenylketonurics: Contains Phenylalanine.',
    cite: '21 CFR 172.804(d)',
  },
  refused: [],
  mayAsk: [
    {
      names: ['mannitol', 'sorbitol'],
      what: 'where 20 g of mannitol or 50 g of sorbitol may be eaten of it in a day, “Excess consumption may have a laxative effect” must stand on it. Can that be',
      cite: '21 CFR 180.25 and 184.1835',
    },
  ],
  thawed: null,
  authorisation: [
    {
      what: 'sweetener',
      className: 'sweetener',
      names: ['monk fruit', 'luo han guo', 'allulose', 'psicose'],
      cite: '21 CFR parts 172, 180 and 184',
    },
    { what: 'colour', className: 'colour', names: [], cite: '21 CFR parts 73 and 74' },
  ],
  frontSymbol: null,
  processedWheat: {
    text: '*The wheat has been processed to allow this food to meet the Food and Drug Administration (FDA) requirements for gluten-free foods.',
    cite: '21 CFR 101.91(b)(3)',
  },
}
