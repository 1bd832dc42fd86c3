// A label as a job for a label printer that reads ZPL II, an open text format, from memory of its public description: the whole label as
// one picture of points, so that its letters are as high as they were measured, packed line by line.

const counts = [
  // 20 to 400 by twenties, then 1 to 19
  ...Array.from({ length: 20 }, (_, at) => ({ many: (20 - at) * 20, sign: String.fromCharCode(122 - at) })),
  ...Array.from({ length: 19 }, (_, at) => ({ many: 19 - at, sign: String.fromCharCode(89 - at) })),
]
const times = (digit: string, many: number): string => {
  let [left, said] = [many, '']
  if (many < 3) return digit.repeat(many)
  while (left > 0) {
    const most = counts.find(one => one.many <= left)!
    said += most.sign
    left -= most.many
    // a count over 400 is said anew
    if (most.many === 400 && left > 0) said += digit
  }
  return said + digit
}

/** One line of hexadecimal digits, packed; `before` is the line above. */
function packed(line: string, before: string | null): string {
  if (line === before) return ':'
  const end = line.at(-1)!
  // to the end of the line, all white or all black
  const rest = end === '0' ? /0+$/.exec(line)![0].length : end === 'F' ? /F+$/.exec(line)![0].length : 0
  const body = rest > 1 ? line.slice(0, -rest) : line
  let out = ''
  for (const run of body.match(/(.)\1*/g) ?? []) out += times(run[0]!, run.length)
  return rest > 1 ? `${out}${end === '0' ? ',' : '!'}` : out
}

export interface Points {
  width: number
  height: number
  /** Is there ink? Row by row. */
  dark: (x: number, y: number) => boolean
}

/** So many copies of one label. Throws RangeError where there is nothing to print. */
export function zplOf({ width, height, dark }: Points, copies: number): string {
  if (width < 1 || height < 1 || !Number.isInteger(copies) || copies < 1)
    throw new RangeError('A job prints whole labels, and at least one.')
  const bytes = Math.ceil(width / 8)
  const lines: string[] = []
  let before: string | null = null
  for (let y = 0; y < height; y++) {
    let line = ''
    for (let nibble = 0; nibble < bytes * 2; nibble++) {
      let value = 0
      for (let bit = 0; bit < 4; bit++) {
        const x = nibble * 4 + bit
        value = value * 2 + (x < width && dark(x, y) ? 1 : 0)
      }
      line += value.toString(16).toUpperCase()
    }
    lines.push(packed(line, before))
    before = line
  }
  const total = bytes * height
  return `^XA\n^PW${width}\n^LL${height}\n^FO0,0^GFA,${total},${total},${bytes},${lines.join('')}^FS\n^PQ${copies}\n^XZ\n`
}
