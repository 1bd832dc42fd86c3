// How it is sold, whether a table is printed, and what the label must bear for that: there, missing, or not asked and why.
'use client'
import { type Check, checklistOf, notAskedFor, saleOf } from '@fair-tin/core/label'
import { particularName, type SaleForm, saleFormName, saleForms } from '@fair-tin/core/model'
import { capital } from '@fair-tin/core/words'
import { Choose } from '../../../ui/Choose'
import { VerdictMark } from '../../../ui/VerdictMark'
import type { LidProps } from './faces'
import { putField } from './productEdit'

const printed = 'printed'
const word: Record<Check['state'], string> = { there: 'there', missing: 'missing', notAsked: 'not asked' }

export function LabelChecks({
  assessment,
  product,
  rules,
  hands,
}: Pick<LidProps, 'assessment' | 'product' | 'rules' | 'hands'>) {
  const { form, setApart, means, cite, asks } = saleOf(product, rules)
  const checks = checklistOf(assessment.declaration, product, rules)
  const missing = checks.filter(one => one.state === 'missing').length
  const there = checks.filter(one => one.state === 'there').length
  const wanted = product.withoutTable?.[rules.market]
  const exemptions = asks.includes('nutrition')
    ? rules.sale.withoutTable.filter(one => one.forms.includes(form))
    : [{ id: notAskedFor, what: 'nobody asks for it as it is sold', cite }]
  const leaveOut = (id: string) => {
    const { [rules.market]: _, ...others } = product.withoutTable ?? {}
    const now = id === printed ? others : { ...others, [rules.market]: id }
    hands.onEdit(putField(product, 'withoutTable', Object.keys(now).length > 0 ? now : null))
  }
  return (
    <section aria-label="What the label must bear" className="mt-3">
      <h2 className="text-base">What the label must bear</h2>
      <div className="mt-1 grid grid-cols-2 gap-2 text-[13px] text-quiet">
        <div>
          Sold
          <Choose
            label="How it is sold"
            value={form}
            options={saleForms.map(one => ({ value: one, label: saleFormName[one] }))}
            onChange={to => hands.onEdit(putField(product, 'soldAs', to as SaleForm))}
          />
        </div>
        <div>
          Nutrition table
          <Choose
            label="Whether a nutrition table is printed"
            value={wanted ?? printed}
            options={[
              { value: printed, label: 'printed' },
              ...exemptions.map(one => ({ value: one.id, label: `left out: ${one.what}` })),
              // what was chosen before stays to be seen
              ...(wanted !== undefined && !exemptions.some(one => one.id === wanted)
                ? [{ value: wanted, label: 'left out, for a reason that no longer counts' }]
                : []),
            ]}
            onChange={leaveOut}
          />
        </div>
      </div>
      <p className="mt-1 text-[13px] text-quiet">
        {setApart
          ? `${capital(means)} (${cite}).`
          : `${rules.title} sets this form of sale apart in nothing we know of: all is asked as of what is prepacked.`}{' '}
        That it is so, you answer for.
      </p>
      <details className="mt-1">
        <summary className={missing > 0 ? 'text-unproven' : ''}>
          {there} there, {missing === 0 ? 'none missing' : `${missing} missing`}
        </summary>
        <ul>
          {checks.map(({ particular, state, why }) => (
            <li key={particular} className="flex gap-2 border-b border-hair py-1 last:border-0">
              <span className="w-4 shrink-0 pt-0.5">
                {state !== 'notAsked' && <VerdictMark mark={state === 'there' ? 'holds' : 'unproven'} size={12} />}
              </span>
              <span>
                <b className="font-semibold first-letter:uppercase">{particularName[particular]}</b>: {word[state]}
                {why && <span className="text-quiet">. {capital(why.replace(/\.$/, ''))}.</span>}
              </span>
            </li>
          ))}
        </ul>
      </details>
    </section>
  )
}
