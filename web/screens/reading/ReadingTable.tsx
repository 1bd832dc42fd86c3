// What was written, beside what was understood. Questions only where unsure.
'use client'
import type { Named } from '@fair-tin/core/ingredient'
import type { Role } from '@fair-tin/core/model'
import { roleName, roles } from '@fair-tin/core/model'
import { CircleHelp, Trash2 } from 'lucide-react'
import { memo } from 'react'
import { Choose, type Option } from '../../ui/Choose'
import { amountsOf, type DraftLine } from './draft'
import { onShelf, questionsOf } from './draftQuestions'
import { Pick } from './Pick'

export const roleOptions: Option[] = roles.map(role => ({ value: role, label: roleName[role] }))

export interface Larder {
  ingredients: Named[]
  parts: Named[]
}

export function ReadingTable({
  lines,
  larder,
  onChange,
  onRemove,
  onHeading,
  onPart,
  refusals,
}: {
  lines: readonly DraftLine[]
  larder: Larder
  onChange: (key: string, change: Partial<DraftLine>) => void
  onRemove: (key: string) => void
  /** A heading called otherwise. */
  onHeading: (from: string, to: string) => void
  /** The lines under a heading made a part. */
  onPart: (heading: string) => void
  refusals: ReadonlyMap<string, string>
}) {
  return (
    <table className="w-full border-collapse text-left max-md:block">
      <thead className="sticky top-0 z-10 bg-pane text-quiet max-md:hidden">
        <tr className="border-b border-hair">
          <th className="w-[27%] px-3 py-2 font-normal">Written</th>
          <th className="w-[15%] py-2 pr-2 font-normal">Amount</th>
          <th className="py-2 pr-2 font-normal">Ingredient or part</th>
          <th className="w-[14%] py-2 pr-2 font-normal">Preparation</th>
          <th className="w-[14%] py-2 pr-2 font-normal">Where it goes</th>
          <th className="w-8">
            <span className="sr-only">Remove</span>
          </th>
        </tr>
      </thead>
      <tbody className="max-md:block">
        {lines.map((line, at) => (
          <Row
            key={line.key}
            line={line}
            headed={line.heading !== (lines[at - 1]?.heading ?? '')}
            larder={larder}
            onChange={onChange}
            onRemove={onRemove}
            onHeading={onHeading}
            onPart={onPart}
            amountProblem={refusals.get(`lines.${line.key}.amount`)}
            ofProblem={refusals.get(`lines.${line.key}.of`)}
          />
        ))}
      </tbody>
    </table>
  )
}

const Row = memo(function Row({
  line,
  headed,
  larder,
  onChange,
  onRemove,
  onHeading,
  onPart,
  amountProblem,
  ofProblem,
}: {
  line: DraftLine
  headed: boolean
  larder: Larder
  onChange: (key: string, change: Partial<DraftLine>) => void
  onRemove: (key: string) => void
  onHeading: (from: string, to: string) => void
  onPart: (heading: string) => void
  amountProblem: string | undefined
  ofProblem: string | undefined
}) {
  const questions = questionsOf(line)
  if (ofProblem) questions.unshift(ofProblem)
  if (amountProblem && !questions.includes(amountProblem)) questions.unshift(amountProblem)
  const shelf = line.asks && 'fresh' in line.of ? onShelf(line.of.fresh) : null
  const said = line.text || 'new line'
  const unreadable = 'problem' in amountsOf(line) || amountProblem !== undefined
  return (
    <>
      {headed && (
        <tr className="max-md:block">
          <td colSpan={6} className="px-3 pt-2 font-head font-bold text-navy max-md:block">
            {line.heading === '' ? (
              'The rest'
            ) : (
              <span className="flex flex-wrap items-center gap-3">
                <input
                  className="field max-w-xs font-head font-bold text-navy"
                  aria-label={`Heading “${line.heading}”`}
                  defaultValue={line.heading}
                  maxLength={80}
                  onBlur={event => onHeading(line.heading, event.target.value.trim())}
                />
                <button
                  type="button"
                  className="word-link font-body text-[13px] font-normal pointer-coarse:min-h-[44px]"
                  onClick={() => onPart(line.heading)}
                >
                  Make it a part
                </button>
              </span>
            )}
          </td>
        </tr>
      )}
      <tr
        className={`align-top max-md:block max-md:p-2 ${questions.length ? 'bg-[#fdf7e8]' : ''} border-b border-hair`}
      >
        <td className="px-3 py-1.5 max-md:block" dir="auto">
          <span className="break-words">{line.text || <em className="text-quiet">added here</em>}</span>
          {line.alternatives.some(one => one.ingredient) && (
            <p className="mt-0.5 text-[13px] text-quiet">
              Or{' '}
              {line.alternatives
                .filter(one => one.ingredient)
                .map(one => one.name)
                .join(' or ')}
              : checked as well.
            </p>
          )}
          {questions.map(question => (
            <p key={question} className="mt-0.5 flex items-start gap-1 text-[13px] text-unproven">
              <CircleHelp size={14} className="mt-0.5 shrink-0" aria-hidden />
              <span>
                {question}
                {shelf && question === 'Not in the larder yet.' && (
                  <button
                    type="button"
                    className="word-link ml-1.5"
                    onClick={() => onChange(line.key, { of: { fresh: shelf.name, shelf: shelf.id }, asks: false })}
                  >
                    Take “{shelf.name}” from the starter shelf
                  </button>
                )}
                {question === 'Is this the right one?' && (
                  <button
                    type="button"
                    className="word-link ml-1.5"
                    onClick={() => onChange(line.key, { asks: false })}
                  >
                    Yes
                  </button>
                )}
              </span>
            </p>
          ))}
        </td>
        <td className="py-1 pr-2 max-md:block">
          <input
            className="field figure"
            aria-label={`Amount of ${said}`}
            aria-invalid={unreadable || undefined}
            value={line.amount}
            onChange={event => onChange(line.key, { amount: event.target.value })}
            maxLength={80}
          />
        </td>
        <td className="py-1 pr-2 max-md:block">
          <Pick
            of={line.of}
            larder={larder}
            label={`Ingredient of ${said}`}
            asks={line.asks}
            onPick={of => onChange(line.key, { of, asks: false })}
          />
        </td>
        <td className="py-1 pr-2 max-md:block">
          <input
            className="field"
            aria-label={`Preparation of ${said}`}
            value={line.prep}
            onChange={event => onChange(line.key, { prep: event.target.value })}
            maxLength={200}
          />
        </td>
        <td className="py-1 pr-2 max-md:block">
          <Choose
            label={`Where ${said} goes`}
            value={line.role}
            options={roleOptions}
            onChange={role => onChange(line.key, { role: role as Role })}
          />
        </td>
        <td className="py-1.5 pr-2">
          <button
            type="button"
            aria-label={`Remove ${said}`}
            className="rounded p-1 text-quiet hover:text-breaks"
            onClick={() => onRemove(line.key)}
          >
            <Trash2 size={16} aria-hidden />
          </button>
        </td>
      </tr>
    </>
  )
})
