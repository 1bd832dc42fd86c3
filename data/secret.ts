// Secrets: keys of sessions and links, passwords, PINs. A key is kept only by its fingerprint, the others only by argon2id.
// The numbers are those of the OWASP password storage sheet (19 MiB, two passes, one lane), from memory.
import { createHash, randomBytes, randomInt } from 'node:crypto'
import { hash, verify } from '@node-rs/argon2'
import { ZxcvbnFactory } from '@zxcvbn-ts/core'
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common'

// 2: argon2id
const cost = { algorithm: 2, memoryCost: 19_456, timeCost: 2, parallelism: 1 }
export const hashed = (secret: string): Promise<string> => hash(secret.normalize('NFKC'), cost)
/** `kept` null: nobody is there, and it takes as long as if somebody were. */
export async function isSecret(kept: string | null, secret: string): Promise<boolean> {
  nobodys ??= await hashed(newKey())
  const same = await verify(kept ?? nobodys, secret.normalize('NFKC')).catch(() => false)
  return kept !== null && same
}
let nobodys: string | null = null

/** 256 random bits in letters that stand in an address and in a cookie. */
export const newKey = (): string => randomBytes(32).toString('base64url')
/** Under what a key is kept. A key has too many bits to be guessed, so a plain fingerprint does. */
export const fingerprint = (key: string): Buffer => createHash('sha256').update(key).digest()

/** "K7MQ-2XVD-…": read aloud and typed without mistaking one letter for another. */
export function newRecoveryCode(): string {
  const letters = '23456789ABCDEFGHJKMNPQRSTVWXYZ'
  const group = () => Array.from({ length: 4 }, () => letters[randomInt(letters.length)]).join('')
  return Array.from({ length: 5 }, group).join('-')
}
export const plainCode = (typed: string): string => typed.toUpperCase().replace(/[^0-9A-Z]/g, '')

const shortest = 12
const longest = 200
const judge = new ZxcvbnFactory({ dictionary: { ...dictionary }, graphs: adjacencyGraphs })
/** What is wrong with a password, in words; null where it will do. `own`: names and addresses somebody would try first. */
export function passwordProblem(password: string, own: readonly string[]): string | null {
  const { length } = [...password]
  if (length < shortest) return `A password has at least ${shortest} letters: three or four words will do.`
  if (length > longest) return `A password has at most ${longest} letters.`
  const { score } = judge.check(
    password.slice(0, 100),
    own.flatMap(one => [one, ...one.split(/[@.\s]+/)]).filter(one => one.length > 2),
  )
  return score < 3
    ? 'This is on the lists that are tried first, or close to it. Take words that do not belong together.'
    : null
}
/** The same for a PIN. */
export function pinProblem(pin: string): string | null {
  if (!/^\d{4,8}$/.test(pin)) return 'A PIN is 4 to 8 figures.'
  const steps = new Set([...pin].slice(1).map((figure, at) => (Number(figure) - Number(pin[at]) + 10) % 10))
  // 0000, 1234, 9876
  return steps.size === 1 ? 'This PIN is one of the first that is tried. Take another.' : null
}
