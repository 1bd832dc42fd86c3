import { afterEach, describe, expect, it, vi } from 'vitest'

afterEach(() => {
  vi.unstubAllEnvs()
  vi.resetModules()
})
const cookiesAt = (address: string) => {
  vi.stubEnv('FAIR_TIN_ADDRESS', address)
  vi.resetModules()
  return import('./cookies')
}

describe('the cookies that hold keys', () => {
  it('are of this very host alone where it is served over TLS: secure, for all of it, without a domain', async () => {
    const { sessionCookie, deviceCookie, keyCookie } = await cookiesAt('https://tin.example')
    expect([sessionCookie, deviceCookie]).toEqual(['__Host-tin_session', '__Host-tin_device'])
    expect(keyCookie(7)).toEqual({ httpOnly: true, sameSite: 'lax', secure: true, path: '/', maxAge: 604_800 })
  })
  it('go without on a loopback, where no TLS is', async () => {
    const { sessionCookie, keyCookie } = await cookiesAt('http://127.0.0.1:3210')
    expect(sessionCookie).toBe('tin_session')
    expect(keyCookie(7).secure).toBe(false)
  })
})
