// Whether a thing is called by any word that is known here, in whatever tongue.

import { stem } from '../words/stem'
import { kindWordsIn } from './kindWords'
import { groupMentions, mentions } from './lexicon'
import { starterShelf } from './starterShelf'
import { alsoCalled } from './synonyms'

const words = (text: string) => (text.match(/\p{L}{3,}/gu) ?? []).map(stem)
/** Said on packs of any food. */
const onPacks =
  'water salt sugar syrup oil fat acid starch gum vitamin mineral emulsifier flavouring flavour colour colouring stabiliser thickener preservative antioxidant raising agent gelling extract concentrate powder protein fibre yeast vinegar spice herb iron calcium carbonate phosphate sodium potassium glucose fructose dextrose maltodextrin glycerine glycerol natural organic lecithin pectin citric ascorbic tartrate chocolate choc couverture kuvertüre schokolade chocolat cioccolato choklad chokolade czekolada cobertura chocolade seed fruit juice puree pulp paste vegetable palm rapeseed sunflower'
const known = new Set([
  ...words(onPacks),
  ...starterShelf.flatMap(({ ingredient }) => [ingredient.name, ...alsoCalled(ingredient.name)]).flatMap(words),
])
export const isKnownFood = (name: string): boolean =>
  words(name).some(word => known.has(word)) ||
  /\bE\s?\d{3}/i.test(name) ||
  /(?:kuvertüre|schokolade|choklad|chokolade)(?!\p{L})/iu.test(name) ||
  mentions(name).length > 0 ||
  groupMentions(name).length > 0 ||
  kindWordsIn(name).length > 0
