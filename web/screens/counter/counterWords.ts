// The counter page's own words in each language a market sells in; what is signed stands as it was signed.
import { fullList, spokenDay } from '@fair-tin/core/words'

interface CounterWords {
  title: string
  canI: string
  traces: string
  show: string
  everything: string
  suits: string
  suitsWhy: (traces: boolean) => string
  suitsNot: string
  askUs: string
  ask: string
  unsignedNow: string
  unsigned: string
  notNamed: string
  contains: (names: string[]) => string
  mayContain: (names: string[]) => string
  none: string
  allItSays: string
  signedOn: (iso: string) => string
  foot: string
}
const en: CounterWords = {
  title: 'What is in it?',
  canI: 'Can I eat this? I must not have',
  traces: '“May contain” is all right for me',
  show: 'Show what suits',
  everything: 'Show everything',
  suits: 'Suits:',
  suitsWhy: traces => `nothing you named is in it${traces ? '' : ', nor warned of'}.`,
  suitsNot: 'Does not suit:',
  askUs: 'Ask us:',
  ask: 'Ask us.',
  unsignedNow: 'Nothing is signed for it now.',
  unsigned: 'nothing is signed for it, or what was signed is out of date',
  notNamed: 'labels here need not name it',
  contains: names => `contains ${fullList(names)}`,
  mayContain: names => `may contain ${fullList(names)}`,
  none: 'Contains none of the allergens a label must name.',
  allItSays: 'All it says',
  signedOn: iso => `Signed on ${spokenDay(iso)}.`,
  foot: 'Made in one kitchen. If a little of something could harm you, ask before you eat. Nothing you choose here is kept.',
}
const listed = (names: string[]) => new Intl.ListFormat('fr', { type: 'conjunction' }).format(names)
const fr: CounterWords = {
  title: 'Qu’y a-t-il dedans ?',
  canI: 'Puis-je en manger ? Je ne dois pas manger de',
  traces: '« Peut contenir » me convient',
  show: 'Montrer ce qui convient',
  everything: 'Tout montrer',
  suits: 'Convient :',
  suitsWhy: traces => `rien de ce que vous avez nommé n’y est${traces ? '' : ', ni annoncé comme trace'}.`,
  suitsNot: 'Ne convient pas :',
  askUs: 'Demandez-nous :',
  ask: 'Demandez-nous.',
  unsignedNow: 'Rien n’est signé pour l’instant.',
  unsigned: 'rien n’est signé, ou ce qui l’était n’est plus à jour',
  notNamed: 'les étiquettes d’ici n’ont pas à le nommer',
  contains: names => `contient ${listed(names)}`,
  mayContain: names => `peut contenir ${listed(names)}`,
  none: 'Ne contient aucun des allergènes qu’une étiquette doit nommer.',
  allItSays: 'Tout ce que dit l’étiquette',
  signedOn: iso =>
    `Signé le ${new Intl.DateTimeFormat('fr-CA', { dateStyle: 'long', timeZone: 'UTC' }).format(new Date(`${iso}T00:00:00Z`))}.`,
  foot: 'Tout est fait dans une seule cuisine. Si un peu de quelque chose peut vous nuire, demandez avant de manger. Rien de ce que vous choisissez ici n’est gardé.',
}

export const counterLanguages = { en, fr } as const
export type CounterLanguage = keyof typeof counterLanguages
/** As a switch between them says it. */
export const languageName: Record<CounterLanguage, string> = { en: 'English', fr: 'Français' }
