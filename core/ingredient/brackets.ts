// Where a place in a text stands among its brackets.
/** Depth of brackets before each place, and where the bracket around a place ends. */
export function around(text: string, at: number): { from: number; to: number; depth: number } {
  const opened: number[] = []
  for (let i = 0; i < at; i++) {
    const letter = text[i]!
    if ('([{'.includes(letter)) opened.push(i)
    else if (')]}'.includes(letter)) opened.pop()
  }
  const from = opened.length > 0 ? opened.at(-1)! + 1 : 0
  let depth = 0
  let to = text.length
  for (let i = at; i < text.length; i++) {
    if ('([{'.includes(text[i]!)) depth++
    else if (')]}'.includes(text[i]!) && --depth < 0) {
      to = i
      break
    }
  }
  return { from, to, depth: opened.length }
}
