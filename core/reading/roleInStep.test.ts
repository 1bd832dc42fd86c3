import { describe, expect, it } from 'vitest'
import { roleInStep } from './roleInStep'

describe('where a word of the method would go', () => {
  it.each([
    ['Grease the tin with butter.', 'butter', 'release'],
    ['Butter the tin.', 'butter', 'release'],
    ['Grease and flour the tin.', 'flour', 'release'],
    ['Dust the bench with cornflour and roll out.', 'cornflour', 'release'],
    ['Brush with milk and bake.', 'milk', 'finish'],
    ['Scatter over the flaked almonds.', 'almonds', 'finish'],
    ['Serve with custard.', 'custard', 'beside'],
    ['Soak the raisins in rum.', 'rum', 'drained'],
    ['Fold in the walnuts.', 'walnuts', 'mix'],
    ['Line the tin. Fold in the walnuts.', 'walnuts', 'mix'],
  ] as const)('%s: %s goes %s', (step, word, role) => expect(roleInStep(step, word)).toBe(role))
})
