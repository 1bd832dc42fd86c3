import { PNG } from 'pngjs'
import { describe, expect, it } from 'vitest'
import { redrawn } from './redrawn'

const bytes = (text: string) => new TextEncoder().encode(text)
const svg = (inside: string, head = '') =>
  bytes(
    `${head}<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="40" height="20">${inside}</svg>`,
  )

describe('a picture drawn anew', () => {
  it('is its points and nothing else, whatever stood in it', async () => {
    const drawn = await redrawn(
      svg(
        '<script>alert(1)</script><desc>taken at the quay</desc><rect width="40" height="20" fill="#fff" onclick="x()"/>',
      ),
    )
    if ('problem' in drawn) return expect.fail(drawn.problem)
    expect([drawn.width, drawn.height]).toEqual([1200, 600])
    const text = Buffer.from(drawn.bytes).toString('latin1')
    for (const word of ['script', 'alert', 'quay', 'onclick']) expect(text).not.toContain(word)
    expect([...PNG.sync.read(Buffer.from(drawn.bytes)).data.subarray(0, 4)]).toEqual([255, 255, 255, 255])
  })
  it('of points keeps its size, and loses what was written into the file', async () => {
    const small = new PNG({ width: 3, height: 2 })
    small.data.fill(128)
    const file = PNG.sync.write(small)
    const drawn = await redrawn(new Uint8Array(file))
    expect(drawn).toMatchObject({ width: 3, height: 2, type: 'image/png' })
  })
  it.each([
    ['<image href="/etc/passwd" width="9" height="9"/>', ''],
    ['<image xlink:href="file:///etc/hosts" width="9" height="9"/>', ''],
    ['<image href = "http://127.0.0.1/x.png"/>', ''],
    ["<use href='other.svg#a'/>", ''],
    ['<image href="data:image/svg+xml;base64,AAAA"/>', ''],
    ['<image href="data:image/png;base64,AAAA"/>', ''],
    ['<style>@import url(http://127.0.0.1/x.css)</style>', ''],
    ['<rect fill="url(http://127.0.0.1/x#a)"/>', ''],
    ['<text>&x;</text>', '<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/hosts">]>'],
  ])('that would fetch something is refused: %s', (inside, head) =>
    expect(redrawn(svg(inside, head))).resolves.toEqual({ problem: expect.stringContaining('takes in another file') }),
  )
  it.each([
    // each group draws the one before ten times: ten thousand million shapes of a few letters
    Array.from({ length: 10 }, (_, at) => `<g id="g${at + 1}">${`<use href="#g${at}"/>`.repeat(10)}</g>`).join(''),
    '<filter id="f"><feGaussianBlur stdDeviation="900"/></filter><rect filter="url(#f)" width="9" height="9"/>',
    '<marker id="m"><path d="M0 0"/></marker>',
    '<s:pattern id="p"/>',
    `<path d="${'M0 0 '.repeat(100_001)}"/>`,
  ])('that makes much of little is refused before it is drawn: %.60s', inside =>
    expect(redrawn(svg(inside))).resolves.toEqual({ problem: expect.stringContaining('too much to draw') }),
  )
  it.each(['<use href="#a"/>', '<rect id="a" fill="url(#b)" width="9" height="9"/>'])(
    'may draw from itself: %s',
    async inside => expect(await redrawn(svg(inside))).toHaveProperty('bytes'),
  )
  it.each([
    [bytes('hello'), 'is no PNG and no SVG'],
    [bytes('<svg this is torn'), 'cannot be drawn'],
    [Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 1, 2]), 'is no PNG that can be drawn'],
  ])('that is none is none', (file, problem) =>
    expect(redrawn(file)).resolves.toEqual({ problem: expect.stringContaining(problem) }),
  )
})
