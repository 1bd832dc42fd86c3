// What is signed: frozen, and told apart from what is so now.
export { type RulesAhead, rulesAhead } from './ahead'
export { type DeclarationLd, declarationLd, nutritionInformation } from './declarationLd'
export { type HiddenPlace, hiddenPlaces, type PlaceFound } from './hiddenPlaces'
export { type ClaimProof, type ProvenComponent, paperWords, proofOfClaims } from './proof'
export { restsOf } from './rests'
export { type Altered, alteredIn, type Said, type SaidPart, saidBy, saidParts } from './said'
export {
  PlaceAnswer,
  Seal,
  type SealedPaper,
  type Stale,
  sealOf,
  staleSince,
  type ToSign,
  toSign,
  unanswered,
} from './seal'
export { type Standing, standingOf, standings } from './standing'
export { type Suit, suits } from './suits'
