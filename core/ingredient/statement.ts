// A supplier's ingredient statement, read into a composition tree, with the allergens its words speak of.
import type { AllergenCode } from '../allergen/codes'
import type { Component } from './ingredient'
import { mentions } from './lexicon'

export interface ReadStatement {
  components: Component[]
  contains: AllergenCode[]
  mayContain: AllergenCode[]
  unread: string[]
}

const functionClasses =
  /^(?:(?:mixed )?(?:emulsifiers?|raising agents?|thickeners?|stabilisers?|stabilizers?|gelling agents?|acidity regulators?|acids?|antioxidants?|colours?|colors?|preservatives?|sweeteners?|humectants?|glazing agents?|anti-?caking agents?|flour treatment agents?|flavour enhancers?|flavourings?|firming agents?|propellants?|modified starch(?:es)?))$/i
const singular = (text: string) => text.toLowerCase().replace(/(?<!s)s$/, '')

/** Splits at the separators that stand outside every bracket; a decimal comma is no separator. */
function splitOutside(text: string, separators: RegExp): string[] {
  const pieces: string[] = []
  let depth = 0
  let from = 0
  for (let at = 0; at < text.length; at++) {
    const letter = text[at]!
    if ('([{'.includes(letter)) depth++
    else if (')]}'.includes(letter)) depth = Math.max(0, depth - 1)
    else if (
      depth === 0 &&
      separators.test(letter) &&
      !(letter === ',' && /\d/.test(text[at - 1] ?? '') && /\d/.test(text[at + 1] ?? ''))
    ) {
      pieces.push(text.slice(from, at))
      from = at + 1
    }
  }
  pieces.push(text.slice(from))
  return pieces.map(piece => piece.trim()).filter(Boolean)
}

const percentAt = /\s*\(?\s*(?:min(?:imum|\.)?\s*)?(\d{1,3}(?:[.,]\d+)?)\s*%\s*(?:min(?:imum|\.)?)?\s*\)?\s*/i

function component(text: string): Component {
  let rest = text.trim().replace(/[*†‡]+/g, '')
  const open = rest.search(/[([{]/)
  let inside: string | null = null
  if (open >= 0) {
    let depth = 0
    let close = rest.length
    for (let at = open; at < rest.length; at++) {
      if ('([{'.includes(rest[at]!)) depth++
      else if (')]}'.includes(rest[at]!) && --depth === 0) {
        close = at
        break
      }
    }
    inside = rest.slice(open + 1, close).trim()
    const after = rest.slice(close + 1)
    rest = `${rest.slice(0, open)} ${after}`.trim()
  }
  const made: Component = { name: '' }
  if (inside !== null && /^(?:min\.? )?\d{1,3}(?:[.,]\d+)?\s*%$/.test(inside)) {
    made.percent = Number(/\d+(?:[.,]\d+)?/.exec(inside)![0].replace(',', '.'))
    const second = /[([{]/.test(rest) ? component(rest) : null
    if (second) return { ...second, percent: made.percent }
    inside = null
  }
  const share = percentAt.exec(rest)
  if (share) {
    made.percent = Math.min(100, Number(share[1]!.replace(',', '.')))
    rest = `${rest.slice(0, share.index)} ${rest.slice(share.index + share[0].length)}`.trim()
  }
  const eNumber = /\bE\s?(\d{3,4}[a-z]?)\b/i.exec(inside ?? '') ?? /\bE\s?(\d{3,4}[a-z]?)\b/i.exec(rest)
  if (eNumber) {
    made.eNumber = `E${eNumber[1]}`
    if (inside && /^E\s?\d{3,4}[a-z]?(?:\([ivx]+\))?$/i.test(inside)) inside = null
  }
  made.name =
    rest
      .replace(/\s+/g, ' ')
      .replace(/[.;:]+$/, '')
      .trim() ||
    (made.eNumber ?? text.trim())
  if (inside) {
    const children = components(inside)
    if (children.length > 0) made.components = children
  }
  return made
}

/** "emulsifiers: lecithin, E471" puts the class on each name that follows, up to the next separator that ends it. */
function components(text: string): Component[] {
  const out: Component[] = []
  let functionClass: string | null = null
  for (const piece of splitOutside(text, /[,;]/)) {
    const colon = splitOutside(piece, /:/)
    const [head, ...tail] = colon
    if (tail.length > 0 && functionClasses.test(head!)) {
      functionClass = singular(head!)
      for (const name of splitOutside(tail.join(':'), /&/)) out.push({ ...component(name), functionClass })
      continue
    }
    const bracketed = /^([\p{L} -]+?)\s*\((.+)\)$/u.exec(piece)
    if (bracketed && functionClasses.test(bracketed[1]!)) {
      for (const inner of components(bracketed[2]!)) out.push({ ...inner, functionClass: singular(bracketed[1]!) })
      functionClass = null
      continue
    }
    const next = component(piece.replace(/^(?:of which|including|and|in varying proportions?)\b:?\s*/i, ''))
    if (!next.name || /^in varying proportions?$/i.test(next.name)) continue
    if (
      functionClass &&
      (next.eNumber ||
        /(?:phosphate|carbonate|gum|lecithin|glycerides|acid|citrate|lactate|tartrate)s?\b/i.test(next.name))
    )
      out.push({ ...next, functionClass })
    else {
      functionClass = null
      out.push(next)
    }
  }
  return out
}

const warnings =
  /\b(?:may (?:also )?contain(?: traces(?: of)?)?|(?:produced|made|packed|manufactured) in (?:a|an|the same) [\p{L} ]+? (?:that|which|where|also)\s*(?:also )?(?:handles?|uses?|processes)?|traces of|not suitable for)\b[^.]*(?:\.|$)/giu
const freeFrom = /\b(?:free from|free of|contains no|does not contain|without)\b[^.]*(?:\.|$)/giu
const containsBox = /\bcontains?:?\s[^.]*(?:\.|$)/gi
const uniqueCodes = (text: string) => [...new Set(mentions(text).map(mention => mention.code))]

/** Reads a statement as printed on a pack. A proposal only: what is not mentioned is unknown, never absent. */
export function readStatement(text: string): ReadStatement {
  let body = text.replace(/\s+/g, ' ').trim()
  const may: string[] = []
  const box: string[] = []
  const setAside = (where: string[], phrase: string) => {
    where.push(phrase)
    return ' '
  }
  body = body.replace(warnings, phrase => setAside(may, phrase))
  body = body.replace(freeFrom, ' ')
  body = body.replace(containsBox, (phrase, at: number) =>
    at === 0 && /,/.test(phrase) && !/^contains:/i.test(phrase) ? phrase : setAside(box, phrase),
  )
  body = body.replace(/^\s*ingredients?\s*:?\s*/i, '')
  const sentences = splitOutside(body, /[.](?!\d)/)
  const list = sentences[0] ?? ''
  const found = components(list)
  const contains = uniqueCodes([list, ...box].join(' . '))
  const mayContain = uniqueCodes(may.join(' . ')).filter(code => !contains.includes(code))
  return { components: found, contains, mayContain, unread: sentences.slice(1) }
}
