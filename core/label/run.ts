// A piece of label text: as it is, or emphasised.
export interface Run {
  text: string
  strong?: boolean
}

export const plain = (text: string): Run => ({ text })
export const strong = (text: string): Run => ({ text, strong: true })

/** Joins runs, with a separator between the pieces, and melts neighbours of one kind together. */
export function joined(pieces: readonly (readonly Run[])[], separator = ''): Run[] {
  const out: Run[] = []
  const push = (run: Run) => {
    const last = out.at(-1)
    if (run.text === '') return
    if (last && (last.strong ?? false) === (run.strong ?? false)) last.text += run.text
    else out.push({ ...run })
  }
  for (const [at, piece] of pieces.entries()) {
    if (at > 0 && separator) push(plain(separator))
    for (const run of piece) push(run)
  }
  return out
}

export const textOf = (runs: readonly Run[]): string => runs.map(run => run.text).join('')
