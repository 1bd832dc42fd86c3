// What packs weighed, against the three rules of average quantity, as they ran over the days, and what could be declared.
'use client'
import {
  type AverageRule,
  controlChart,
  fewestADay,
  type PacksWeighed as Result,
  weighedAgainst,
} from '@fair-tin/core/label'
import { type Weighing, Weighing as WeighingSchema } from '@fair-tin/core/model'
import { capital, commaDoubt, spokenDay, toPlaces, typedNumber } from '@fair-tin/core/words'
import { extent } from 'd3-array'
import { scaleLinear, scalePoint } from 'd3-scale'
import { useState } from 'react'
import { v4 } from 'uuid'
import { DayField } from '../../../ui/DayField'
import { VerdictMark } from '../../../ui/VerdictMark'
import { FacePart } from './FacePart'
import type { LidProps } from './faces'
import { putField, readField } from './productEdit'

type Props = Pick<LidProps, 'product' | 'rules' | 'hands' | 'workbook'> & { net: number }

export function PacksWeighed({ product, rules, hands, workbook, net }: Props) {
  const weighings = product.weighings ?? []
  const result = weighedAgainst(weighings, net, rules)
  const put = (all: Weighing[]) => readField(product, 'weighings', all.length > 0 ? all : null)
  return (
    <FacePart title="What packs weigh">
      {result ? (
        <Said result={result} net={net} cite={rules.averageQuantity?.cite ?? null} />
      ) : (
        <p className="text-[13.5px] text-quiet">
          None is weighed yet. Weigh a few of each bake, without what they are packed in: the mean must not be under
          what is declared.
        </p>
      )}
      <Chart weighings={weighings} />
      {weighings.length > 0 && (
        <details>
          <summary className="text-quiet">
            {weighings.length === 1 ? 'One weighing' : `${weighings.length} weighings`}
          </summary>
          <ul>
            {[...weighings]
              .sort((a, b) => (a.on < b.on ? 1 : -1))
              .map(one => (
                <li key={one.id} className="border-b border-hair py-1 last:border-0">
                  {spokenDay(one.on)}:{' '}
                  <span className="figure">{one.grams.map(grams => toPlaces(grams, 1)).join(' ')}</span>{' '}
                  <button
                    type="button"
                    className="word-link min-h-[24px] pointer-coarse:min-h-[44px]"
                    onClick={() =>
                      hands.onEdit(
                        putField(
                          product,
                          'weighings',
                          weighings.filter(each => each !== one),
                        ),
                      )
                    }
                  >
                    Take it out
                  </button>
                </li>
              ))}
          </ul>
        </details>
      )}
      <NewWeighing
        today={workbook.today}
        net={net}
        onKeep={one => {
          const said = put([...weighings, one])
          if ('problem' in said) return said.problem
          hands.onEdit(...said.edits)
          return ''
        }}
      />
    </FacePart>
  )
}

const ruleWords: Record<AverageRule['rule'], (rule: AverageRule, net: number) => string> = {
  mean: ({ holds }, net) => `the mean is ${holds ? 'not under' : 'under'} the ${toPlaces(net, 0)} g declared`,
  short: ({ found, allowed }) =>
    `${found === 0 ? 'none is' : found === 1 ? 'one is' : `${found} are`} short by more than the error, and ${allowed === 0 ? 'of so few none may be' : `${allowed} may be`}`,
  veryShort: ({ holds }) => `${holds ? 'none' : 'at least one'} is short by twice the error, which none may be`,
}

function Said({ result, net, cite }: { result: Result; net: number; cite: string | null }) {
  const { count, mean, deviation, days, declare } = result
  const [newest, ...before] = days
  const broke = before.filter(one => one.rules?.some(rule => !rule.holds))
  return (
    <>
      <p>
        {count === 1 ? 'One pack' : `${count} packs`}: <b className="figure">{toPlaces(mean, 1)} g</b> in the mean
        {deviation !== null && (
          <>
            , give or take <span className="figure">{toPlaces(deviation, 1)} g</span> a pack
          </>
        )}
        .
      </p>
      {newest?.rules ? (
        <>
          <p className="text-[13px] text-quiet">
            Weighed last, on {spokenDay(newest.on)}
            {newest.count < fewestADay
              ? `: ${newest.count} of a batch say little, so weigh ${fewestADay} or more.`
              : ':'}
          </p>
          <ul>
            {newest.rules.map(rule => (
              <li key={rule.rule} className="flex gap-2 py-0.5">
                <span className="pt-0.5">
                  <VerdictMark mark={rule.holds ? 'holds' : 'breaks'} size={12} />
                </span>
                {capital(ruleWords[rule.rule](rule, net))}.
              </li>
            ))}
            {broke.map(one => (
              <li key={one.id} className="flex gap-2 py-0.5">
                <span className="pt-0.5">
                  <VerdictMark mark="breaks" size={12} />
                </span>
                {spokenDay(one.on)}:{' '}
                {one
                  .rules!.filter(rule => !rule.holds)
                  .map(rule => ruleWords[rule.rule](rule, net))
                  .join('; ')}
                .
              </li>
            ))}
            <li className="text-[13px] text-quiet">{cite}, from memory. Each bake counts by itself.</li>
          </ul>
        </>
      ) : (
        <p className="text-[13px] text-quiet">
          This market’s own tolerances are not known here: ask the inspector of weights.
        </p>
      )}
      {declare !== null && (
        <p>
          At most <b className="figure">{declare} g</b> could be declared, of these packs on each day, and of more like
          them.
        </p>
      )}
    </>
  )
}

const [width, height] = [340, 110]
/** The mean of each day beside the limits it lies in as long as nothing has changed. */
function Chart({ weighings }: { weighings: readonly Weighing[] }) {
  const chart = controlChart(weighings)
  if (!chart || chart.points.length < 2) return null
  const { centre, points } = chart
  const x = scalePoint(
    points.map(one => one.id),
    [14, width - 70],
  )
  const [least, most] = extent(points.flatMap(one => [one.from, one.to, one.mean])) as [number, number]
  const y = scaleLinear([least, most], [height - 6, 8])
  const out = points.filter(one => one.out)
  return (
    <figure className="my-1">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="block w-full"
        role="img"
        aria-label="Mean weight of each weighing"
      >
        <line x1={0} x2={width} y1={y(centre)} y2={y(centre)} className="stroke-navy" />
        <text x={width} y={y(centre) - 4} textAnchor="end" className="fill-navy font-figure text-[11px]">
          {toPlaces(centre, 1)} g
        </text>
        {points.map(one => (
          <g key={one.id}>
            <line
              x1={x(one.id)}
              x2={x(one.id)}
              y1={y(one.from)}
              y2={y(one.to)}
              className="stroke-hair"
              strokeWidth={5}
            />
            {one.out ? (
              <path d={`M${x(one.id)! - 5},${y(one.mean)} l5,-5 l5,5 l-5,5 z`} className="fill-breaks" />
            ) : (
              <circle cx={x(one.id)} cy={y(one.mean)} r={3.5} className="fill-navy" />
            )}
          </g>
        ))}
      </svg>
      <figcaption className="text-[13px] text-quiet">
        {spokenDay(points[0]!.on)} to {spokenDay(points.at(-1)!.on)}; the pale bars are where a mean lies nearly always.{' '}
        {out.length > 0
          ? `${out.map(one => spokenDay(one.on)).join(', ')} ${out.length > 1 ? 'lie' : 'lies'} outside: what was different?`
          : 'None lies outside.'}
      </figcaption>
    </figure>
  )
}

/** Weights as they are typed or pasted, one after another; a comma ends one only where a space follows it. Or what is wrong with them. */
export function weightsIn(text: string, net: number): { grams: number[] } | { problem: string } {
  const written = text.split(/[\s;]+|,\s+/).flatMap(one => one.replace(/,$/, '').replace(/g$/i, '') || [])
  const grams = written.map(typedNumber)
  for (const [at, one] of written.entries()) {
    const value = grams[at]!
    const doubt = commaDoubt(one)
    if (doubt) return { problem: doubt }
    if (!Number.isFinite(value)) return { problem: `“${one.slice(0, 30)}” is no weight in grams.` }
    // a thousand written with a space is two numbers here
    if (value < net / 10 || value > net * 10)
      return {
        problem: `“${one}” is far from the ${toPlaces(net, 0)} g declared. Write each pack by itself, in grams: 1104.`,
      }
  }
  return { grams }
}

function NewWeighing({ today, net, onKeep }: { today: string; net: number; onKeep: (one: Weighing) => string }) {
  const [on, setOn] = useState(today)
  const [text, setText] = useState('')
  const [problem, setProblem] = useState('')
  const keep = () => {
    const written = weightsIn(text, net)
    if ('problem' in written) return setProblem(written.problem)
    const read = WeighingSchema.safeParse({ id: v4(), on, grams: written.grams })
    const wrong = !on ? 'Say on which day.' : read.success ? onKeep(read.data) : (read.error.issues[0]?.message ?? '')
    setProblem(wrong)
    if (!wrong) setText('')
  }
  return (
    <div className="mt-1 grid grid-cols-2 items-end gap-2">
      <label className="col-span-2 text-[13px] text-quiet">
        Net weights of packs, g, one after another
        <textarea
          className="field figure h-auto min-h-14 text-ink"
          maxLength={6000}
          value={text}
          onChange={event => setText(event.target.value)}
        />
      </label>
      <DayField label="Weighed on" value={on} onChange={setOn} />
      <button type="button" className="do" onClick={keep}>
        Keep the weights
      </button>
      {problem && (
        <p role="alert" className="col-span-2 text-breaks">
          {problem}
        </p>
      )}
    </div>
  )
}
