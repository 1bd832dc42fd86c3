// A portion is a piece as the bakery cuts it (Regulation (EU) 1169/2011, Art. 33, from memory).
import type { ServingRule } from '../rulePack'

export const europeanServing: ServingRule = { by: 'piece', cite: 'Regulation (EU) 1169/2011, Art. 33' }
