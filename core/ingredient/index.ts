// What is known of a bought thing.
export {
  type Baking,
  bakingOf,
  type FlourKind,
  type FlourWork,
  flourKindName,
  flourWorks,
  sweetenerKindName,
} from './baking'
export { goodForYears, proofOf, whatProves } from './evidence'
export { kindConflict, kindFact } from './kindWords'
export { type Mention, mentions } from './lexicon'
export { type Match, matchName, type Named } from './match'
export { freeByNature, isFreeByNature } from './nature'
export { spokenIn } from './spoken'
export { type ShelfThing, shelfGroups, starterShelf } from './starterShelf'
export { type ReadStatement, readStatement } from './statement'
export { alsoCalled, meantByStart } from './synonyms'
export { kindQuestion } from './usually'
