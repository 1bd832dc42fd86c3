// An amount as a baker writes it: "1½ cups", "2–3 tbsp", "3 large".
import type { Line } from '../model/recipe'
import type { Amount, UnitCode } from '../model/unit'

const fractions: [number, string][] = [
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [3 / 8, '⅜'],
  [1 / 2, '½'],
  [5 / 8, '⅝'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [7 / 8, '⅞'],
]
const plurals: Partial<Record<UnitCode, string>> = {
  cup: 'cups',
  pint: 'pints',
  quart: 'quarts',
  stick: 'sticks',
  drop: 'drops',
  pinch: 'pinches',
  dash: 'dashes',
  splash: 'splashes',
}
const names: Partial<Record<UnitCode, string>> = { floz: 'fl oz' }

function written(value: number, metric: boolean): string {
  if (!metric) {
    const whole = Math.floor(value)
    const rest = value - whole
    if (rest < 1e-9) return String(whole)
    const sign = fractions.find(([fraction]) => Math.abs(fraction - rest) < 0.002)
    if (sign) return `${whole || ''}${sign[1]}`
  }
  return String(Number(value.toPrecision(4)))
}

/** One amount in words; an amount of pieces has no unit. */
export function writtenAmount(amount: Amount): string {
  const metric = ['g', 'kg', 'mg', 'ml', 'cl', 'dl', 'l'].includes(amount.unit)
  const value =
    written(Math.abs(amount.value), metric) + (amount.upTo === undefined ? '' : `–${written(amount.upTo, metric)}`)
  const many = Math.abs(amount.upTo ?? amount.value) > 1
  const unit =
    amount.unit === 'each'
      ? ''
      : many
        ? (plurals[amount.unit] ?? names[amount.unit] ?? amount.unit)
        : (names[amount.unit] ?? amount.unit)
  return [amount.value < 0 ? `−${value}` : value, amount.size, unit].filter(Boolean).join(' ')
}

/** The whole written amount of a line, "½ cup plus 2 tbsp (80 g)", as it can be read back; empty where none is written. */
export const writtenSum = (line: Pick<Line, 'amount' | 'plus' | 'also'>): string =>
  line.amount === null
    ? ''
    : [
        writtenAmount(line.amount),
        ...(line.plus ?? []).map(more =>
          more.value < 0 ? `less ${writtenAmount({ ...more, value: -more.value })}` : `plus ${writtenAmount(more)}`,
        ),
        ...(line.also ?? []).map(again => `(${writtenAmount(again)})`),
      ].join(' ')

const aPiece = /^(?:piece|slice|square|wedge|ball|round|disc|bar|cube)$/
/** Does a count of a part count its pieces? Whole makings of it otherwise, also of what is only made ready somehow. */
export const countsPieces = ({ form }: Pick<Line, 'form'>): boolean => form !== undefined && aPiece.test(form)
/** What a count of a part counts, "pieces" or "makings"; empty for what is no count of a part. */
export const countedOf = (line: Pick<Line, 'amount' | 'form' | 'of'>): string =>
  !('recipe' in line.of) || line.amount?.unit !== 'each'
    ? ''
    : `${countsPieces(line) ? 'piece' : 'making'}${(line.amount.upTo ?? line.amount.value) === 1 ? '' : 's'}`
/** The written amount of a part, "3 pieces", as it can be read back. */
export const writtenOfPart = (line: Pick<Line, 'amount' | 'plus' | 'also' | 'form' | 'of'>): string =>
  [writtenSum(line), countedOf(line)].filter(Boolean).join(' ')
