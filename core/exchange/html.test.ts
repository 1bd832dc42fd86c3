import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { cutScripts, withoutMarkup } from './html'

describe('a pasted page', () => {
  it('has its scripts and styles blanked, all else in its place', () => {
    const page = 'a<style>p{}</style>b<script type="application/ld+json">{"x":1}</script >c<SCRIPT>d</SCRIPT>e'
    const { outside, scripts } = cutScripts(page)
    expect([...'abce'].map(letter => outside.indexOf(letter))).toEqual([
      0,
      page.indexOf('b<'),
      page.indexOf('c<S'),
      page.length - 1,
    ])
    expect([outside.length, outside.replace(/ /g, '')]).toEqual([page.length, 'abce'])
    expect({ scripts }).toEqual({
      scripts: [
        { attributes: ' type="application/ld+json"', body: '{"x":1}' },
        { attributes: '', body: 'd' },
      ],
    })
  })
  it('keeps what is never closed', () =>
    expect(cutScripts('a<script>b')).toEqual({ outside: 'a<script>b', scripts: [] }))
  it('loses nothing where there is no script', () =>
    fc.assert(
      fc.property(fc.string(), text => {
        expect(cutScripts(text).outside).toBe(text)
      }),
    ))
  it('reads entities by name and by number, once', () => {
    expect(withoutMarkup('&frac12; tsp <b>cr&egrave;me</b> baker&#39;s&nbsp;&#x20;rice')).toBe(
      "½ tsp  crème  baker's  rice",
    )
    expect(withoutMarkup('&ccedil;a, &Eacute;t&eacute;, 180&deg;C, &#x1F370;')).toBe('ça, Été, 180°C, 🍰')
    expect(withoutMarkup('&#0; &#xD800; &#9999999; &toString; &nosuch;')).toBe(
      '&#0; &#xD800; &#9999999; &toString; &nosuch;',
    )
    expect(withoutMarkup('&amp;frac12; 3 < 4 & 5')).toBe('&frac12; 3 < 4 & 5')
  })
})
