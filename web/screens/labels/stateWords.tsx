// How the state of a label is said: a word and a mark, never colour alone.
import type { Mark } from '@fair-tin/core/claim'
import type { Standing } from '@fair-tin/core/seal'
import { VerdictMark, verdictClass } from '../../ui/VerdictMark'

const marks: Record<Standing, { mark: Exclude<Mark, 'mayContain'>; word: string }> = {
  outOfDate: { mark: 'breaks', word: 'out of date' },
  open: { mark: 'unproven', word: 'signed, and open' },
  withdrawn: { mark: 'unproven', word: 'taken back' },
  never: { mark: 'unproven', word: 'never signed' },
  signed: { mark: 'holds', word: 'signed' },
}

export function StateMark({ state }: { state: Standing }) {
  const { mark, word } = marks[state]
  return (
    <span className="inline-flex items-center gap-1.5 whitespace-nowrap">
      <VerdictMark mark={mark} />
      <b className={verdictClass[mark]}>{word}</b>
    </span>
  )
}

/** A row of a table a line, its cells apart. */
const Rows = ({ children }: { children: string }) => (
  <table className="text-[14px]">
    <tbody>
      {children.split('\n').map(line => {
        const [head, ...cells] = line.split(' | ')
        return (
          <tr key={line}>
            <th scope="row" className="pr-4 text-left font-normal">
              {head}
            </th>
            {cells.map((cell, at) => (
              <td key={`${at} ${cell}`} className="figure pr-4 text-right">
                {cell}
              </td>
            ))}
          </tr>
        )
      })}
    </tbody>
  </table>
)

/** Words as they were frozen: what stands between asterisks is emphasised on the label. */
export function Words({ children }: { children: string }) {
  if (children.includes(' | ')) return <Rows>{children}</Rows>
  return (
    <span className="whitespace-pre-wrap break-words">
      {children
        .split(/(\*[^*\n]+\*)/)
        .map((bit, at) =>
          bit.length > 2 && bit.startsWith('*') && bit.endsWith('*') ? <b key={at}>{bit.slice(1, -1)}</b> : bit,
        )}
    </span>
  )
}
