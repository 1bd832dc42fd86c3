// What somebody left open in this browser: each person's own, so that on a tablet that several share nobody finds another's.

const said = (name: string): string => document.querySelector<HTMLMetaElement>(`meta[name="${name}"]`)?.content ?? ''
let person: string | undefined
/** The id of whoever the page was made for; empty where nobody is signed in. */
export const personOfPage = (): string => (person ??= said('fair-tin-person'))

const key = (shelf: string) => `${personOfPage()} ${shelf}`
/** What was left on a shelf; null where nothing was, or nothing that can be read. */
export function leftHere(shelf: string): unknown {
  try {
    // a build before this one knew no persons
    return JSON.parse(localStorage.getItem(key(shelf)) ?? localStorage.getItem(shelf) ?? 'null') as unknown
  } catch {
    return null
  }
}
/** The names of every shelf of this person's that begins so. */
export function shelvesHere(start: string): string[] {
  try {
    const own = key(start)
    return Object.keys(localStorage).flatMap(name => (name.startsWith(own) ? [start + name.slice(own.length)] : []))
  } catch {
    return []
  }
}
/** Leaves something there until it is kept for good; null takes it away. False where the store is full or forbidden: it then lives only in this window. */
export function leaveHere(shelf: string, value: unknown): boolean {
  try {
    localStorage.removeItem(shelf)
    if (value === null) localStorage.removeItem(key(shelf))
    else localStorage.setItem(key(shelf), JSON.stringify(value))
    return true
  } catch {
    return false
  }
}
