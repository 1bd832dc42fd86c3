// One step of a method: its heat, its times, when it is looked at and turned, what its core must reach.
import { dialCelsius, gasMarkCelsius } from '../measure/temperature'
import type { Step } from '../model/recipe'
import { normal } from './normal'

/** °C: meringues dry at less than bread bakes at, and nothing bakes below this. */
const coolestOven = 50

/** The oven setting a text names, in °C on the dial, or null. Gas marks and °F are turned into °C. */
export function readOven(text: string): { celsius: number; fan: boolean } | null {
  const plain = normal(text)
  // what a dough is proved at is no oven
  const celsius = [...plain.matchAll(/(\d{2,3})\s*(?:°|º|degrees?|deg\.?)?\s*(?:c\b|celsius|centigrade)/gi)].find(
    ([, degrees]) => Number(degrees) >= coolestOven,
  )
  const fan =
    /(\d{2,3})\s*(?:°|º)?\s*c?(?:\s*fan|\s*[,(]\s*fan(?!(?: oven)?[: ]*\d))|fan(?: oven)?:?\s*(\d{2,3})/i.exec(plain)
  // "170/150 fan": the dial of an oven without one stands first
  const both = /(?<![\d.])(\d{3})\s*(?:°|º)?\s*c?\s*\/\s*(\d{3})\s*(?:°|º)?\s*c?\s*fan\b/i.exec(plain)
  if (both && Number(both[1]) > Number(both[2])) return { celsius: Number(both[1]), fan: false }
  if (celsius)
    return { celsius: Number(celsius[1]), fan: fan !== null && Number(fan[1] ?? fan[2]) === Number(celsius[1]) }
  const fahrenheit = /(\d{3})\s*(?:°|º|degrees?|deg\.?)?\s*(?:f\b|fahrenheit)/i.exec(plain)
  if (fahrenheit) return { celsius: dialCelsius(Number(fahrenheit[1])), fan: fan !== null }
  // no oven goes over 260 °C: bare degrees above that are Fahrenheit
  const bare =
    /(\d{3})\s*(?:°|º|degrees?\b|deg\b)|\b(?:baked?|oven|at)(?: at| on| to)? (\d{3})\b(?! ?(?:g|ml)\b)|(?<![\d.,])(1[2-9]0|2[0-4]0) for (?=(?:about |half |an? |\d)[^.;]{0,20}(?:min|hour|hr))/i.exec(
      plain,
    )
  if (bare) {
    const degrees = Number(bare[1] ?? bare[2] ?? bare[3])
    return { celsius: degrees > 260 ? dialCelsius(degrees) : degrees, fan: fan !== null }
  }
  if (fan) return { celsius: Number(fan[1] ?? fan[2]), fan: true }
  const gas = /gas(?: mark)?\s*(\d(?:\/\d)?)/i.exec(plain)
  const mark = gas ? gasMarkCelsius(gas[1]!.includes('/') ? 1 / Number(gas[1]!.split('/')[1]) : Number(gas[1])) : null
  return mark === null ? null : { celsius: mark, fan: false }
}

/** A time as a range of minutes, or null. */
export function readMinutes(text: string): { from: number; to?: number } | null {
  const plain = normal(text)
    .replace(/\b(?:an|one|1) hour and a half\b/gi, '90 min')
    .replace(/\b(?:three quarters|3\/4) of an hour\b/gi, '45 min')
    .replace(/\b(?:half|1\/2)(?: of)? an hour\b/gi, '30 min')
    .replace(/\b(?:a quarter|1\/4) of an hour\b/gi, '15 min')
    .replace(/\b(?:an|one) hour\b/gi, '60 min')
    .replace(/\b(\d{1,5}) (\d)\/(\d)(?=\s*-?\s*(?:h|min))/gi, (_, whole, above, below) =>
      String(Number(whole) + above / below),
    )
    .replace(/\b(\d)\/(\d)(?=\s*-?\s*(?:h|min))/gi, (_, above, below) => String(above / below))
  const span =
    /(?<![\d.])(\d{1,5}(?:\.\d{1,5})?)(?:\s*(?:-|to|or)\s*(\d{1,5}(?:\.\d{1,5})?))?\s*-?\s*(min(?:ut\p{L}*)?s?|минут\p{L}*|мин|хвилин\p{L}*|хв|λεπτ\p{L}+|stunden?|std|heures?|ore|horas?|uur|час\p{L}*|h(?:ou)?rs?|h|m)(?![\p{L}\d])(?:\s*(?:and )?(\d{1,5})\s*m(?:in)?)?/iu.exec(
      plain,
    )
  if (!span) return null
  const scale = /^(?:h|st|ore|uur|час)/i.test(span[3]!) ? 60 : 1
  const from = Number(span[1]) * scale + Number(span[4] ?? 0)
  if (span[2]) return { from, to: Number(span[2]) * scale }
  // "50 mins to 1 hr", "1 hour to 1 hour 10 minutes"
  const joint = /^\s*(?:-|–|to|or)\s*(?=\d)/i.exec(plain.slice(span.index + span[0].length))
  const until = joint && readMinutes(plain.slice(span.index + span[0].length + joint[0].length))
  return until && until.from > from && joint ? { from, to: until.to ?? until.from } : { from }
}

/** "start checking at 25 minutes": when it is first looked at, where that is said by itself. */
function firstLookIn(text: string): number | null {
  const look =
    /\b(?:look|check(?:ing)?|test(?:ing)?)\b[^.;]{0,30}?\b(?:at|after|from)\s*(\d{1,3})(?:\s*min|(?=\s*(?:[.,;)]|$)))/i.exec(
      normal(text),
    )
  return look ? Number(look[1]) : null
}

/** "12-14 mins." by itself, or said first, is the time in the oven. */
export const onlyTime =
  /^(?:about |approx\.? )?\d{1,3}(?:\s*[-–—]\s*\d{1,3})?\s*(?:min(?:ute)?s?|m|hrs?|hours?)(?:$|[.,;](?: |$))/i

/** One sentence or numbered step of the method, with its time and heat. */
export function readStep(text: string): Step {
  const clean = text.replace(/^\s*(?:step\s*)?\d{1,2}[.):]\s*/i, '').trim()
  const oven = readOven(clean)
  // "prove 60 min, bake 50 min": of several times the one of the oven
  const baking = /\b(?:bake|roast)\b(?=[^.;]{0,60}\d)/i.exec(clean)
  // "chill 1 h ... 170/150 fan 10 min": else what stands behind the heat
  const heat = /\d{3} ?(?:°|º|c\b|f\b|fan\b)|\bgas \d/i.exec(clean)
  const minutes =
    (baking && readMinutes(clean.slice(baking.index))) ||
    (oven && heat && readMinutes(clean.slice(heat.index))) ||
    readMinutes(clean)
  // "a cooled bake" is a thing, not something to do
  const bakes =
    /(?<!\b(?:an?|the|each|every|this|your|cooled|cold|warm|hot) )\b(?:bake|roast)\b|(?<!\p{L})(?:backen|cuire|enfourner|cuocere|infornare|hornear|bakken|upiec|péct|grädda|paista|ψησ\p{L}*|выпека\p{L}*|випіка\p{L}*|assar)(?!\p{L})|\bin the oven\b/iu.test(
      clean,
    )
  // a paragraph is what it is baked by, whatever it begins with
  const when =
    baking && minutes
      ? 'oven'
      : /^(?:pre-?heat|heat (?:the |your )?oven|turn (?:the |your )?oven on|(?:oil|butter) (?:an?|the|your|two|\d)\b.*\b(?:tins?|pans?|trays?|moulds?|dish)|soften|soak|toast|chill|thaw|(?:take|get) .* out of the (?:cold|fridge)|bring .* room temperature|the night before|overnight|line|grease)\b|\bahead\b/i.test(
            clean,
          )
        ? 'ahead'
        : oven && !minutes && /^(?:oven|gas|fan|\d{3})\b/i.test(clean)
          ? 'ahead'
          : bakes || (oven && minutes) || onlyTime.test(clean)
            ? 'oven'
            : /\b(?:cool|rack|ice|icing|dust with|slice|store|keeps?|set in|chill until set)\b/i.test(clean)
              ? 'after'
              : 'bench'
  const step: Step = { text: clean, when }
  if (minutes) step.minutes = when === 'oven' ? { firstLook: firstLookIn(clean) ?? minutes.from, ...minutes } : minutes
  if (step.minutes && when === 'oven') {
    const turned = /\bturn(?:ing)?\b[^.;]{0,40}?\b(\d{1,3})\s*min/i.exec(clean)
    const halfway = /\b(?:turn(?:ing)?|rotat(?:e|ing))\b[^.;]{0,40}?\bhalf[- ]?way\b/i.test(clean)
    const turnAt = turned ? Number(turned[1]) : halfway ? Math.round(step.minutes.from / 2) : null
    if (turnAt !== null && turnAt < step.minutes.from) step.minutes.turnAt = turnAt
  }
  if (oven) {
    step.celsius = oven.celsius
    if (oven.fan) step.fan = true
  }
  const core = /\b(?:core|inside|internal|centre)\b[^.]{0,30}?(\d{2,3})\s*(?:°|º)?\s*c\b/i.exec(clean)
  if (core) step.coreCelsius = Number(core[1])
  return step
}
