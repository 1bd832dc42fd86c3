// How short single packs of equal declared weight may be. From memory: verify before relying on it.
import type { RulePack } from '../rulePack'

export const europeanAverageQuantity: RulePack['averageQuantity'] = {
  cite: 'Directive 76/211/EEC, Annex I, 2.4',
  errors: [
    { upTo: 50, error: { share: 0.09 } },
    { upTo: 100, error: { by: 4.5 } },
    { upTo: 200, error: { share: 0.045 } },
    { upTo: 300, error: { by: 9 } },
    { upTo: 500, error: { share: 0.03 } },
    { upTo: 1000, error: { by: 15 } },
    { upTo: null, error: { share: 0.015 } },
  ],
}
