// What stands before and around a line without being part of it: bullets, numbers, tick-boxes, footnote marks, lead-ins.
import { withoutMarkup } from '../exchange/html'
import { readAmount } from '../measure/quantity'
import type { Role } from '../model/recipe'
import { isVague } from './amounts'
import { normal } from './normal'
import { startsWithPrep } from './prepWords'
import { roleIn, roleOfHeading } from './roleWords'

/** Takes away markup, a bullet or a tick-box at the start; "w/" is with. Numbers stay: they are amounts. */
export const undecorated = (text: string): string =>
  withoutMarkup(text.replaceAll('\u0000', ''))
    .replace(/^\s*(?:[-–—*•◦▪▢☐□✓✔·+]+|\[[ x]?\])\s+/iu, '')
    .replace(/^\s*(?:[•◦▪▢☐□✓✔»›→①-⓿❶-➓]|(?![°№])\p{So}\ufe0f?)+\s*/u, '')
    // "butter_____250 g"
    .replace(/(?<=\p{L})\s*_{3,}\s*(?=\d)/gu, ' ')
    // "butter -> 250 g", "250 g -> butter"
    .replace(/^([^\d½¼¾⅓⅔⅛→>]{2,40}?)\s*(?:[-=]>|→)\s*(?=[\d½¼¾⅓⅔][\d.,/½¼¾⅓⅔ –-]*\p{L}{0,12}\.?$)/u, '$1 ')
    .replace(/^((?:\d|[½¼¾⅓⅔])[\d./ ½¼¾⅓⅔–-]{0,8}?\s?\p{L}{0,6})\s*(?:[-=]>|→)\s*(?=\p{L})/u, '$1 ')
    // "Also 300 g rhubarb", "plus 3 eggs"
    .replace(/^(?:also|then|plus|and(?: finally| then)?)[,:]? (?=\d|[½¼¾⅓⅔]|an? \p{L})/iu, '')
    // "70-80% dark chocolate, 120 g": what it holds is no amount of it
    .replace(/^(\d{1,3}\s?[-–]\s?\d{1,3}\s?%)\s+(\p{L}.*)$/u, '$2 ($1)')
    // "The zest of 2 limes"
    .replace(/^the (?=(?:finely |grated )*(?:zest|juice|rind|peel) )/iu, '')
    // "beaten w/ 1 tbsp oat milk"
    .replace(/(?<![\p{L}\d])w\/\s?(?=[\p{L}\d])/giu, 'with ')
    .trim()

/** A word that names a kind and not a thing by itself: "dark", "caster". */
const onlyKind = /^(?:dark|light|white|brown|plain|fresh|frozen|dried|large|small|medium|soft|any kind|caster|whole)$/i

/** "To serve", "For brushing": the role that a label gives, or null. */
const roleOfLabel = (label: string): Role | null => {
  const said = /^(?:for|to) /i.test(label) ? roleIn(label) : 'mix'
  return roleOfHeading(label) ?? (said === 'mix' ? null : said)
}

/** Parts of a bake that a label is likely to name. */
export const groupWord =
  /\b(?:base|filling|topping|icing|frosting|sauce|syrup|dough|batter|cake|sponge|crust|pastry|custard|crumble|glaze|crumb|layer|dry|wet|ingredients?|egg ?wash|buttercream|marinade)$/i

/** "For the base: 200 g oats": where it goes stands before what it is. The label, and the line behind it. */
function leadIn(line: string): { label: string; line: string } | null {
  const before = /^\(((?:for|to) [^()]{3,40})\)\s*(?=\S)/i.exec(line)
  if (before && roleOfHeading(before[1]!)) return { label: before[1]!, line: line.slice(before[0].length) }
  const labelled = /^(\p{L}[\p{L}' -]{1,40}?)\s*(?::|\s-(?=\s))\s*(\S.*)$/u.exec(line)
  if (!labelled) return null
  const [, label, behind] = labelled as unknown as [string, string, string]
  if (/^optional/i.test(label)) return null
  if (roleOfLabel(label)) return { label, line: behind }
  const read = isVague(behind) ? null : readAmount(behind)
  const named = read?.rest.replace(/^\s*of\s+/i, '').trim() ?? ''
  const names =
    /^\p{L}/u.test(named) &&
    !startsWithPrep(named) &&
    !onlyKind.test(named) &&
    !/^(?:or|of|for|to|plus|and|each)\b/i.test(named)
  // "Milk: 200 ml oat" is milk
  const groups = /^(?:for|to|in)\b/i.test(label) || groupWord.test(label) || / /.test(named)
  return names && groups ? { label, line: behind } : null
}

/** The line itself in one spelling, the role its lead-in gives it, or the lead-in where it gives none. */
export function opened(text: string): { line: string; role: Role | null; label: string | null } {
  const plain = normal(undecorated(text))
    // footnotes: "flour *see note 1", "buttermilk*", "*oats"
    .replace(/,?\s*\(?\*+\s?(see (?:the )?notes?(?: \d{1,2})?)\)?$/i, ', $1')
    .replace(/(?<=[\p{L})])(?:\*+|[†‡¹²³⁴⁵⁶⁷⁸⁹]+)(?=[\s,;)]|$)/gu, '')
    .replace(/^\*+(?=\S)|\s+\*+$/g, '')
    // "1) 100 g", "2. 3 eggs" and "a) 40 g" are numbered, not counted
    .replace(
      /^\(?\d{1,2}\.?\)\s*(?=\S)|^\d{1,2}\.\s+(?=\d|(?:an?|one|two|three|half)\b)|^\(?[a-h]\)\s*(?=\S)|^[abd-h]\.\s+(?=\d)/i,
      '',
    )
    // "fruit? sultanas 75"
    .replace(/^\p{L}{3,12}\?\s+(?=\p{L})/u, '')
    .replace(/^(?:you(?:'|’)?(?:ll| will| also)* need|take|use)\s*:?\s+(?=\d|an? )/i, '')
    // "1 lemon's worth of zest"
    .replace(/^(.{1,30}?)(?:['’]s|s['’]) worth of (zest|juice|rind|peel)(?![\p{L}])/iu, '$2 of $1')
    // "whites of 3 eggs"
    .replace(
      /^(?:the )?(?:beaten )?(yolk|white)s? (?:of|from) (?:the )?(.+?) (egg)s?(?![\p{L}])/iu,
      (_, part: string, count: string, egg: string) =>
        `${count} ${egg} ${part.toLowerCase()}${/^(?:an?|1|one)(?: |$)/i.test(count) ? '' : 's'}`,
    )
    .replace(/^(?:a little |some )?(?:extra|more) (?=\p{L}+(?: \p{L}+){0,2},? (?:for|to) )/iu, '')
    .replace(/^plus (?:a little |some )?(?:extra |more )?(?=\p{L})/iu, '')
  const served = /^serve(?:d)?(?: it| them)? with (?:an? |some )?/i.exec(plain)
  if (served) return { line: plain.slice(served[0].length), role: 'beside', label: null }
  // "top with flaked almonds", "grease with a little oil"
  const done =
    /^(?:(top|finish|decorate|sprinkle|scatter|dust|brush|glaze|drizzle)|grease|oil|line)(?:ed|d)? (?:it |them |over )?with (?:an? |some )?(?=\p{L})/iu.exec(
      plain,
    )
  if (done && plain.length <= 60)
    return { line: plain.slice(done[0].length), role: done[1] ? 'finish' : 'release', label: null }
  const led = leadIn(plain)
  if (!led) return { line: plain, role: null, label: null }
  const role = roleOfLabel(led.label)
  return { line: led.line, role, label: role ? null : led.label }
}
