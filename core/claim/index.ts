// Claims and their verdicts.

export { asksWhetherSweetens } from './byTrait'
export { type ClaimResult, type Mark, severity, type Verdict } from './verdict'
