// Things that can carry neither gluten nor any allergen but their own, in nature or process. A house list, editable.
// Common practice, no published source.
import { stem } from '../words/stem'

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

/** "Damsons, stoned" and "fresh damsons" are both "damson". */
function plainName(name: string): string {
  const head = name
    .toLowerCase()
    .split(/[,(]/)[0]!
    .trim()
    .replace(/^(?:fresh|ripe|raw) /, '')
  return head.replace(/\p{L}+$/u, stem)
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
  return [thing.name, thing.standsFor ?? thing.name].some(name => (names as ReadonlySet<string>).has(plainName(name)))
}
