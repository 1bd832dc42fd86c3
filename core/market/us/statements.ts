// Sentences that follow from what is in the food. From memory: verify before relying on it.
import type { StatementRules } from '../rulePack'

export const statements: StatementRules = {
  sweeteners: null,
  laxative: null,
  colours: null,
  processedWheat: {
    text: '*The wheat has been processed to allow this food to meet the Food and Drug Administration (FDA) requirements for gluten-free foods.',
    cite: '21 CFR 101.91(b)(3)',
  },
}
