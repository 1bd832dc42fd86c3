// A serving is a piece as the bakery cuts it: the Code fixes no reference amounts (FSC Standard 1.2.8, from memory).
import type { ServingRule } from '../rulePack'

export const serving: ServingRule = { by: 'piece', cite: 'FSC Standard 1.2.8' }
