// Claims and their verdicts.

export { asksWhetherSweetens } from './byTrait'
export { beyondClaims, claimsIn } from './claimsInText'
export { deniedBy } from './denied'
export { type ClaimResult, type Mark, severity, type Verdict } from './verdict'
