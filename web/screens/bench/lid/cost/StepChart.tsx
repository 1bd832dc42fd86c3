// The steps of a piece from ingredients to price, as bars that begin where the last one ended; the table says the same.
import { money, toPlaces } from '@fair-tin/core/words'
import { scaleLinear } from 'd3-scale'
import type { PriceStep } from './priceSteps'

const row = 22
const named = 118
const width = 350
const colour: Record<PriceStep['key'], string> = {
  ingredients: '#7a2e4d',
  leftOver: '#9a6a7d',
  packing: '#6c7f4a',
  labour: '#22375c',
  oven: '#b5892f',
  running: '#5a6272',
  losses: '#a5322a',
  left: '#1f6f5c',
  tax: '#b8b2a4',
  price: '#1c2431',
}

export function StepChart({
  steps,
  currency,
  atLeast,
}: {
  steps: readonly PriceStep[]
  currency: string
  atLeast: boolean
}) {
  if (steps.length === 0) return null
  const most = Math.max(...steps.map(one => Math.max(one.from, one.to)))
  const x = scaleLinear([0, most || 1], [named, width - 52])
  return (
    <figure aria-label="What makes up the price of a piece">
      <svg viewBox={`0 0 ${width} ${steps.length * row + 4}`} className="block w-full" aria-hidden="true">
        {steps.map((step, at) => {
          const [from, to] = [Math.min(step.from, step.to), Math.max(step.from, step.to)]
          const back = step.to < step.from
          return (
            <g key={step.key} transform={`translate(0 ${at * row + 2})`}>
              <text x={0} y={14} fontSize={12.5} fill="#1c2431" fontWeight={step.key === 'price' ? 700 : 400}>
                {step.name}
                {step.estimate ? ' ≈' : ''}
              </text>
              <rect
                x={x(from)}
                y={3}
                width={Math.max(1.5, x(to) - x(from))}
                height={row - 7}
                rx={2}
                fill={back ? '#a5322a' : colour[step.key]}
              />
              {at + 1 < steps.length && steps[at + 1]!.key !== 'price' && (
                <line
                  x1={x(step.to)}
                  x2={x(step.to)}
                  y1={row - 4}
                  y2={row + 3}
                  stroke="#5a6272"
                  strokeDasharray="2 2"
                />
              )}
              <text x={x(to) + 5} y={14} fontSize={12} fill="#1c2431" className="figure">
                {toPlaces(step.to - step.from, Math.abs(step.to - step.from) < 0.095 ? 3 : 2)}
              </text>
            </g>
          )
        })}
      </svg>
      <table className="sr-only">
        <caption>What makes up the price of a piece{atLeast ? ', at least' : ''}</caption>
        <thead>
          <tr>
            <th>Step</th>
            <th>Amount</th>
            <th>Up to</th>
          </tr>
        </thead>
        <tbody>
          {steps.map(step => (
            <tr key={step.key}>
              <td>{step.name}</td>
              <td>{money(step.to - step.from, currency)}</td>
              <td>{money(step.to, currency)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </figure>
  )
}
