import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  fingerprint,
  hashed,
  isSecret,
  newKey,
  newRecoveryCode,
  passwordProblem,
  pinProblem,
  plainCode,
} from './secret'

describe('passwords and PINs', () => {
  it('are kept by argon2id, each with a salt of its own, and known again', async () => {
    const [one, two] = await Promise.all([hashed('damson tin harbour'), hashed('damson tin harbour')])
    expect(one).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/)
    expect(one).not.toBe(two)
    expect(await isSecret(one, 'damson tin harbour')).toBe(true)
    expect(await isSecret(one, 'damson tin harbou')).toBe(false)
    // the same letters, composed or not
    expect(await isSecret(await hashed('crème brûlée tin'), 'crème brûlée tin'.normalize('NFD'))).toBe(true)
  })
  it('of nobody are never right', async () => expect(await isSecret(null, '')).toBe(false))
  it('that are short, tried first, or made of one’s own name will not do', () => {
    for (const bad of ['short', 'password1234', 'qwertyuiop123', '111111111111', 'nell@pennywhistle.example'])
      expect(passwordProblem(bad, ['nell@pennywhistle.example']), bad).not.toBeNull()
    for (const good of ['damson tin harbour', 'teff-Kettle-9-quay', 'ein langer Satz, den keiner rät'])
      expect(passwordProblem(good, []), good).toBeNull()
    expect(passwordProblem('x'.repeat(100_000), [])).toMatch(/at most/)
  })
  it('a PIN is four to eight figures, and no run', () => {
    for (const bad of ['', '123', '1234', '9876', '0000', '12a4', '123456789', '٤٧١٢'])
      expect(pinProblem(bad), bad).not.toBeNull()
    for (const good of ['4712', '80351', '10293847']) expect(pinProblem(good), good).toBeNull()
  })
})
describe('keys', () => {
  it('are long, and never the same', () => {
    const keys = Array.from({ length: 1000 }, newKey)
    expect(new Set(keys).size).toBe(1000)
    for (const key of keys) expect(key).toMatch(/^[\w-]{43}$/)
    expect(fingerprint(keys[0]!)).toHaveLength(32)
  })
  it('a recovery code is the same however it is typed', () =>
    fc.assert(
      fc.property(fc.constantFrom(' ', '', '-', ' - '), between => {
        const code = newRecoveryCode()
        expect(code).toMatch(/^([2-9A-HJKMNP-TV-Z]{4}-){4}[2-9A-HJKMNP-TV-Z]{4}$/)
        expect(plainCode(code.toLowerCase().replaceAll('-', between))).toBe(plainCode(code))
        expect(plainCode(code)).toHaveLength(20)
      }),
    ))
})
