// United Kingdom: the European texts as retained, from memory; verify before relying on it.
import { eu } from './eu'
import type { RulePack } from './rulePack'

export const uk: RulePack = { ...eu, market: 'uk', title: 'United Kingdom' }
