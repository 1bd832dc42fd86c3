// The lid's blend: flours by what they do, gum from every source, water, sweeteners, and what the rules of thumb say.
'use client'
import { flourKindName, flourWorks, sweetenerKindName } from '@fair-tin/core/ingredient'
import { adviceOn, doughOf } from '@fair-tin/core/recipe'
import { percent, toPlaces, weighed } from '@fair-tin/core/words'
import { useMemo } from 'react'
import { BlendSolver } from './BlendSolver'
import { FacePart } from './FacePart'
import type { LidProps } from './faces'

const workName = { bulk: 'bulk', absorbency: 'absorbency', lightness: 'lightness', binding: 'binding' }
const kindColour = {
  grain: '#8a6a3b',
  starch: '#9db4c8',
  nut: '#7a4a2e',
  legume: '#6c7f4a',
  coconut: '#c9a9b4',
}

export function BlendFace(props: LidProps) {
  const { assessment, ingredients } = props
  const dough = useMemo(() => doughOf(assessment.bill, ingredients), [assessment.bill, ingredients])
  const gluten = useMemo(
    () => (['wheat', 'rye', 'barley'] as const).some(code => assessment.allergens[code].status === 'contains'),
    [assessment.allergens],
  )
  const advice = useMemo(() => adviceOn(dough, gluten), [dough, gluten])
  if (dough.flour <= 0)
    return (
      <p className="text-quiet">
        No flour or starch that is known stands in the bowl, so there is no blend to look at.
      </p>
    )
  return (
    <>
      <FacePart title={`Flours and starches, ${weighed(dough.flour)}`}>
        <svg viewBox="0 0 1000 20" preserveAspectRatio="none" className="mb-1 block h-4 w-full" aria-hidden="true">
          {dough.flours.map((one, at) => {
            const from = dough.flours.slice(0, at).reduce((sum, other) => sum + other.share, 0)
            return (
              <rect
                key={one.ingredient}
                x={from * 1000}
                width={Math.max(0, one.share * 1000 - 2)}
                height={20}
                fill={kindColour[one.kind]}
              />
            )
          })}
        </svg>
        <table className="w-full text-left">
          <thead className="sr-only">
            <tr>
              <th>Flour</th>
              <th>Weight</th>
              <th>Share of the flour</th>
            </tr>
          </thead>
          <tbody>
            {dough.flours.map(one => (
              <tr key={one.ingredient} className="border-b border-hair/60">
                <td className="py-0.5">
                  <span
                    className="mr-1.5 inline-block size-2.5 rounded-sm"
                    style={{ background: kindColour[one.kind] }}
                    aria-hidden
                  />
                  {one.name} <span className="text-[13px] text-quiet">{flourKindName[one.kind]}</span>
                </td>
                <td className="figure text-right">{weighed(one.grams)}</td>
                <td className="figure w-14 text-right">{percent(one.share)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </FacePart>
      {dough.work && (
        <FacePart title="What the blend does">
          <dl className="grid grid-cols-[auto_1fr_auto] items-center gap-x-2 gap-y-0.5">
            {flourWorks.map(key => (
              <div key={key} className="contents">
                <dt>{workName[key]}</dt>
                <dd className="h-2 rounded bg-hair/60">
                  <span className="block h-2 rounded bg-navy" style={{ width: `${dough.work![key] * 100}%` }} />
                </dd>
                <dd className="figure text-right">{toPlaces(dough.work![key] * 10, 1)} of 10</dd>
              </div>
            ))}
          </dl>
          <p className="text-[13px] text-quiet">Compared with each other, by common practice: not measured.</p>
        </FacePart>
      )}
      <FacePart title="Gum, water, sweetness">
        <ul className="space-y-0.5">
          <li>
            Gum:{' '}
            {dough.gum > 0 ? (
              <>
                <b className="figure">{toPlaces(dough.gum, 1)} g</b>, {toPlaces((dough.gum / dough.flour) * 100, 1)} %
                of the flour ({dough.gumFrom.map(one => one.name).join(', ')})
              </>
            ) : (
              'none'
            )}
            {dough.unstatedGum.length > 0 && (
              <span className="text-unproven">, and an unknown amount in {dough.unstatedGum.join(', ')}</span>
            )}
            .
          </li>
          <li>
            Binds besides: {dough.binders.length > 0 ? dough.binders.map(one => one.name).join(', ') : 'nothing'}.
          </li>
          <li>
            {dough.unknownWater.length > 0 ? 'At least ' : ''}
            <b className="figure">{toPlaces(dough.water / dough.flour, 2)}</b> g of water and{' '}
            <b className="figure">{toPlaces(dough.fat / dough.flour, 2)}</b> g of fat to a gram of flour
            {dough.unknownWater.length > 0 && (
              <span className="text-unproven">, without {dough.unknownWater.join(', ')}</span>
            )}
            .
          </li>
          <li>
            Sweet with{' '}
            {dough.sweeteners.length > 0
              ? dough.sweeteners
                  .map(one => `${one.name} (${sweetenerKindName[one.kind]}, ${weighed(one.grams)})`)
                  .join(', ')
              : 'nothing'}
            .
          </li>
        </ul>
      </FacePart>
      <FacePart title="Rules of thumb">
        {advice.length === 0 && <p>Nothing stands out.</p>}
        <ul className="space-y-1.5">
          {advice.map(one => (
            <li
              key={one.what}
              className="border-l-[3px] border-ochre pl-2"
              style={{ borderColor: 'var(--color-unproven)' }}
            >
              {one.what}
              <span className="block text-[13px] text-quiet">{one.why}</span>
            </li>
          ))}
        </ul>
        <p className="mt-1 text-[13px] text-quiet">
          Advice from common practice, to be tried at the bench. It decides nothing.
        </p>
      </FacePart>
      <FacePart title="Another blend">
        <BlendSolver {...props} dough={dough} />
      </FacePart>
    </>
  )
}
