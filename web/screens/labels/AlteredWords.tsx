// What a part of a label said and what it says, one below the other, with the words that went and came marked.
import type { Altered } from '@fair-tin/core/seal'
import { capital } from '@fair-tin/core/words'
import { diffWordsWithSpace } from 'diff'
import { Fragment, type ReactNode } from 'react'

interface Bit {
  value: string
  marked: boolean
}
/** Emphasised words stand between asterisks, and an emphasis may run over several bits. */
function shown(bits: readonly Bit[], mark: (inside: ReactNode) => ReactNode): ReactNode[] {
  let bold = false
  return bits.map(({ value, marked }, at) => {
    const inside = value.split('*').map((text, place) => {
      if (place > 0) bold = !bold
      return bold ? <b key={place}>{text}</b> : <Fragment key={place}>{text}</Fragment>
    })
    return <Fragment key={at}>{marked ? mark(inside) : inside}</Fragment>
  })
}

export function AlteredWords({ altered, was, now }: { altered: readonly Altered[]; was: string; now: string }) {
  return altered.map(one => {
    const parts = diffWordsWithSpace(one.was ?? '', one.now ?? '')
    const bits = (without: 'added' | 'removed', marked: 'added' | 'removed'): Bit[] =>
      parts.filter(part => !part[without]).map(part => ({ value: part.value, marked: part[marked] }))
    return (
      <div key={one.part} className="border-b border-hair/60 py-1.5 last:border-0">
        <p className="text-[13px] text-quiet">{capital(one.part)}</p>
        <p className="whitespace-pre-line">
          <span className="text-quiet">{was}: </span>
          {one.was === null
            ? 'nothing'
            : shown(bits('added', 'removed'), inside => (
                <del className="bg-breaks-wash decoration-breaks">{inside}</del>
              ))}
        </p>
        <p className="whitespace-pre-line">
          <span className="text-quiet">{now}: </span>
          {one.now === null
            ? 'nothing'
            : shown(bits('removed', 'added'), inside => (
                <ins className="bg-page underline decoration-holds decoration-2">{inside}</ins>
              ))}
        </p>
      </div>
    )
  })
}
