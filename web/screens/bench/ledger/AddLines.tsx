// Adds lines as one would write them; several rows pasted at once become several lines.
'use client'
import type { BenchEdit } from '@fair-tin/core/edit'
import { matchName, type Named } from '@fair-tin/core/ingredient'
import { type Line, longestName, type Recipe } from '@fair-tin/core/model'
import { lineOfOnePiece, massWordsOf, readLine } from '@fair-tin/core/reading'
import { useEffect, useState } from 'react'
import { v4 } from 'uuid'
import { ofEachPiece } from '../../reading/draftFrom'

const most = 200
const madeId = (stem: string) =>
  `${stem
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 30)}-${v4().slice(0, 8)}`

/** One written row as an edit: matched to larder or parts, or new in the larder. */
export function addEdit(
  text: string,
  recipe: Recipe,
  larder: readonly Named[],
  parts: readonly Named[],
  after: string | null,
): Extract<BenchEdit, { kind: 'add' }> {
  const onePiece = lineOfOnePiece(text)
  const read = onePiece === null ? readLine(text) : ofEachPiece(onePiece, recipe.pieces ?? null)
  const part = matchName(read.item, parts)
  const whole = read.prep ? matchName(`${read.prep} ${read.item}`, larder) : null
  const known = whole?.sure ? whole : matchName(read.item, larder)
  const fresh = !part?.sure && !known?.sure
  const of: Line['of'] = part?.sure
    ? { recipe: part.id }
    : known?.sure
      ? { ingredient: known.id }
      : { ingredient: madeId(read.item) }
  // what else could stand there, where the larder knows it; what it does not know is still in the text
  const others = read.alternatives.flatMap(other => {
    const match = matchName(readLine(other).item, larder)
    return match?.sure ? [{ ingredient: match.id }] : []
  })
  const line: Line = {
    id: madeId('line'),
    of,
    text,
    amount: read.amount,
    role: read.role,
    ...(read.plus.length ? { plus: read.plus } : {}),
    ...(read.also.length ? { also: read.also } : {}),
    ...massWordsOf(text, read, '', larder.find(one => one.id === known?.id)?.name),
    ...(read.form ? { form: read.form } : {}),
    ...(read.prep ? { prep: read.prep } : {}),
    ...(read.optional ? { optional: true } : {}),
    ...(read.approximate ? { approximate: true } : {}),
    ...(others.length ? { alternatives: others } : {}),
    ...(recipe.lines.at(-1)?.heading && read.role === 'mix'
      ? { heading: recipe.lines.filter(one => one.role === 'mix').at(-1)?.heading ?? recipe.lines.at(-1)!.heading! }
      : {}),
  }
  return { kind: 'add', line, after, ...(fresh ? { fresh: read.item } : {}) }
}

export function AddLines({
  recipe,
  larder,
  trouble,
  parts,
  refuse,
  onEdit,
}: {
  recipe: Recipe
  /** Null until it was read: what is written waits for it. */
  larder: readonly Named[] | null
  /** Why it could not be read yet; empty while nothing is wrong. */
  trouble: string
  parts: readonly Named[]
  /** Why this cannot be put into the recipe; null where it can. */
  refuse: (of: Line['of']) => string | null
  onEdit: (...edits: BenchEdit[]) => void
}) {
  const [text, setText] = useState('')
  const [problem, setProblem] = useState('')
  /** Written before the larder was read. */
  const [held, setHeld] = useState<readonly string[]>([])
  /** Puts them in; what cannot be is said, and nothing of it is added. */
  const add = (rows: readonly string[]): boolean => {
    const wanted = rows.map(row => row.trim()).filter(Boolean)
    const no = (why: string) => {
      setProblem(why)
      return false
    }
    if (wanted.length > most)
      return no(`That is ${wanted.length} rows: more than a recipe. Paste a whole recipe under Recipes instead.`)
    const tooLong = wanted.find(row => readLine(row).item.length > longestName)
    if (tooLong)
      return no(
        `“${tooLong.slice(0, 40)} …” is too long for a name: keep it under ${longestName} letters. Nothing was added.`,
      )
    setProblem('')
    if (!larder) {
      setHeld([...held, ...wanted])
      return true
    }
    let after = recipe.lines.at(-1)?.id ?? null
    const deed: BenchEdit[] = []
    for (const row of wanted) {
      const edit = addEdit(row, recipe, larder, parts, after)
      const refused = refuse(edit.line.of)
      if (refused)
        return no(wanted.length > 1 ? `“${row}”: ${refused} None of the ${wanted.length} was added.` : refused)
      deed.push(edit)
      after = edit.line.id
    }
    if (deed.length > 0) onEdit(...deed)
    return true
  }
  useEffect(() => {
    if (held.length === 0 || !larder) return
    setHeld([])
    // what could not be put in stands in the field again, to be mended
    if (!add(held) && text === '') setText(held.join(', '))
  })
  return (
    <form
      className="px-4 py-1.5"
      onSubmit={event => {
        event.preventDefault()
        if (add([text])) setText('')
      }}
    >
      {held.length > 0 && (
        <p role="status" className="mb-1 text-quiet">
          {trouble || 'Looking in the larder …'} Waiting to be added: {held.join(' · ')}
        </p>
      )}
      <input
        className="field max-w-md"
        aria-label="Add a line"
        placeholder="Add a line as you would write it, or paste several"
        value={text}
        maxLength={300}
        aria-invalid={problem !== '' || undefined}
        onChange={event => setText(event.target.value)}
        onPaste={event => {
          const pasted = event.clipboardData.getData('text')
          if (!pasted.trim().includes('\n')) return
          event.preventDefault()
          add(pasted.split(/\r?\n/))
        }}
      />
      {problem && (
        <p role="alert" className="mt-1 text-breaks">
          {problem}
        </p>
      )}
    </form>
  )
}
