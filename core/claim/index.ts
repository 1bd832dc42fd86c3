// Claims and their verdicts.
export { type ClaimResult, type Mark, severity, type Verdict } from './verdict'
