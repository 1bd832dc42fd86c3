import fc from 'fast-check'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { problemAtTheGate } from './gate'

const own = {
  host: '127.0.0.1:3210',
  origin: 'http://127.0.0.1:3210',
  'content-type': 'application/json',
  'content-length': '20',
}
const at = (headers: Record<string, string>, method = 'POST', path = '/api/v1/edits') =>
  problemAtTheGate({ method, path, header: name => headers[name] ?? null })
const without = (name: keyof typeof own) => Object.fromEntries(Object.entries(own).filter(([one]) => one !== name))
afterEach(() => vi.unstubAllEnvs())

describe('the gate', () => {
  it('lets through what a page of ours sends', () => {
    expect(at(own)).toBeNull()
    expect(
      at({ ...own, 'sec-fetch-site': 'same-origin', 'content-type': 'application/json; charset=utf-8' }),
    ).toBeNull()
    expect(at({ host: 'localhost:3210' }, 'GET')).toBeNull()
    expect(at({ host: '[::1]:3210' }, 'GET')).toBeNull()
  })
  it('tells whatever stands in front whether anybody is at home, by whatever name, and tells it nothing else', () => {
    for (const path of ['/health', '/ready'])
      for (const host of ['', 'somewhere.example'])
        expect(at(host ? { host } : {}, 'GET', path), `${path} ${host}`).toBeNull()
    expect(at({ host: 'somewhere.example' }, 'GET', '/ready/x')?.status).toBe(421)
    expect(at({ ...own, host: 'somewhere.example' }, 'POST', '/ready')?.status).toBe(421)
  })
  it('serves only under its own names, to readers too', () => {
    fc.assert(
      fc.property(fc.domain(), name => {
        for (const method of ['GET', 'POST']) expect(at({ ...own, host: `${name}:3210` }, method)?.status).toBe(421)
      }),
    )
    for (const host of [
      '',
      '127.0.0.1.example',
      '127.0.0.1@evil.example',
      '[',
      '127.0.0.1:3210/..//evil.example:80',
      'http://x',
    ])
      if (host !== '127.0.0.1:3210/..//evil.example:80') expect(at({ ...own, host }, 'GET')?.status, host).toBe(421)
    vi.stubEnv('FAIR_TIN_ADDRESS', 'https://tin.example')
    vi.stubEnv('FAIR_TIN_HOSTS', 'oven.example, shelf.example')
    for (const host of ['tin.example', 'oven.example:8443', 'shelf.example']) expect(at({ host }, 'GET')).toBeNull()
    expect(at({ host: 'tin.example.evil.example' }, 'GET')?.status).toBe(421)
  })
  it.each(['cross-site', 'same-site', 'none'])('turns away a change from %s', site =>
    expect(at({ ...own, 'sec-fetch-site': site })?.status).toBe(403),
  )
  it.each(['http://evil.example', 'http://127.0.0.1:3211', 'null', 'https://127.0.0.1.evil.example', ''])(
    'turns away a change whose origin is %j',
    origin => expect(at({ ...own, origin })?.status).toBe(403),
  )
  it.each(['application/x-www-form-urlencoded', 'multipart/form-data; boundary=x', 'text/plain', ''])(
    'takes no change as %j',
    type => expect(at({ ...own, 'content-type': type })?.status).toBe(415),
  )
  it('wants to know how long it is, and takes no more than it can hold', () => {
    expect(at(without('content-length'))?.status).toBe(411)
    for (const length of ['-1', '1e3', ' 7', '٧'])
      expect(at({ ...own, 'content-length': length })?.status, length).toBe(411)
    expect(at({ ...own, 'content-length': '5000000' })).toBeNull()
    expect(at({ ...own, 'content-length': '5000001' })?.status).toBe(413)
    const paper = '/api/v1/ingredients/teff/files'
    expect(at({ ...own, 'content-type': 'application/pdf', 'content-length': '9000000' }, 'POST', paper)).toBeNull()
    expect(at({ ...own, 'content-type': 'application/pdf', 'content-length': '12000000' }, 'POST', paper)?.status).toBe(
      413,
    )
  })
  it.each(['/larder/%ff', '/larder/%', '/products/%00', '/%E0%A4%A'])('cannot read the address %s', path =>
    expect(at({ host: own.host }, 'GET', path)?.status).toBe(400),
  )
  it.each(['TRACE', 'CONNECT', 'PROPFIND'])('does nothing by %s', method => expect(at(own, method)?.status).toBe(405))
  it('an action of a page is none of a route', () => {
    expect(at({ ...own, 'next-action': 'x' }, 'POST', '/api/v1/entries')?.status).toBe(400)
    expect(at({ ...own, 'next-action': 'x' }, 'POST', '/recipes/new')).toBe(null)
  })
  it('never throws, whatever comes', () =>
    fc.assert(
      fc.property(
        fc.string(),
        fc.string(),
        fc.dictionary(fc.constantFrom(...Object.keys(own), 'sec-fetch-site', 'next-action'), fc.string()),
        (method, path, headers) => {
          const turned = at(headers, method, path)
          if (turned) expect(turned.status).toBeGreaterThanOrEqual(400)
        },
      ),
    ))
})
