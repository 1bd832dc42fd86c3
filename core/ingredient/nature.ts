// Things that can carry neither gluten nor any allergen but their own, in nature or process. A house list, editable.
// Common practice, no published source.
import { stem } from '../words/stem'
import { kindWordsIn } from './kindWords'
import { groupMentions, mentions } from './lexicon'
import { madeFoodsIn } from './usually'

export const freeByNature: readonly string[] = [
  'water',
  'tap water',
  'boiling water',
  'salt',
  'sea salt',
  'fine salt',
  'fine sea salt',
  'table salt',
  'egg',
  'egg yolk',
  'egg white',
  'free-range egg',
  'honey',
  'apple',
  'banana',
  'blackberry',
  'blackcurrant',
  'blueberry',
  'cherry',
  'damson',
  'fig',
  'gooseberry',
  'grape',
  'lemon',
  'lime',
  'mango',
  'nectarine',
  'orange',
  'peach',
  'pear',
  'pineapple',
  'plum',
  'quince',
  'raspberry',
  'redcurrant',
  'rhubarb',
  'strawberry',
  'beetroot',
  'carrot',
  'courgette',
  'parsnip',
  'pumpkin',
  'squash',
  'sweet potato',
  'potato',
  'avocado',
]

/** How a thing is bought or made ready, and no other thing: "damsons, in batter" are not what damsons are. */
const states = new Set(
  'fresh frozen raw ripe very whole halved quartered stoned pitted peeled unpeeled cored topped tailed hulled washed unwashed chopped diced sliced grated mashed crushed squashed pureed large medium small size free range organic unwaxed waxed seedless boiled boiling hot warm cold chilled filtered still tap cooked raw fine coarse flaked in of the and or a shell about each loose bag box kg g per uk home grown own garden'.split(
    ' ',
  ),
)
const tellsOfState = (tail: string): boolean => (tail.match(/\p{L}+/gu) ?? []).every(word => states.has(word))

const parts = (name: string) => name.toLowerCase().split(/[,(]/)
/** "Damsons, stoned" and "fresh damsons" are both "damson". */
function plainName(name: string): string {
  return parts(name)[0]!
    .trim()
    .replace(/^(?:fresh|ripe|raw) /, '')
    .replace(/\p{L}+$/u, stem)
}

/** Words of a name that speak of an allergen, a kind, or something made of others. */
const speaksOf = (name: string): string[] => [
  ...mentions(name).map(one => one.code),
  ...groupMentions(name).map(one => one.word.toLowerCase()),
  ...[...kindWordsIn(name), ...madeFoodsIn(name)].map(one => stem(one.word.toLowerCase())),
]
/** Does the name stand for no more than that: "brambles" for blackberries, and not "water biscuits" for water? */
const saysNoMore = (name: string, standsFor: string): boolean => {
  const known = new Set(speaksOf(standsFor))
  return speaksOf(name).every(one => known.has(one))
}

const plainNames = new WeakMap<readonly string[], ReadonlySet<string>>()

/** Is it, by any of its names, on the list? A compound thing never is. */
export function isFreeByNature(
  thing: { name: string; standsFor?: string; composition?: readonly unknown[] },
  list: readonly string[] = freeByNature,
): boolean {
  if (thing.composition !== undefined && thing.composition.length > 0) return false
  let names: ReadonlySet<string> | undefined = plainNames.get(list)
  if (!names) {
    names = new Set(list.map(plainName))
    plainNames.set(list, names)
  }
  // what says more behind its name is nothing of the kind
  const listed = (name: string) =>
    (names as ReadonlySet<string>).has(plainName(name)) && tellsOfState(parts(name).slice(1).join(' '))
  const { name, standsFor } = thing
  return listed(name) || (standsFor !== undefined && listed(standsFor) && saysNoMore(name, standsFor))
}
