// The kitchen itself: who answers for the food, and for each allergen how it is kept out, with the proof.
'use client'
import { carriesAClaim } from '@fair-tin/core/allergen'
import { sheetEdits, KitchenSheet as WholeKitchen } from '@fair-tin/core/edit'
import { goodForYears, proofOf } from '@fair-tin/core/ingredient'
import { marketsServed, rulesOf } from '@fair-tin/core/market'
import {
  type AllergenCode,
  allergenCodes,
  allergenName,
  type CrossContact,
  controlName,
  type Evidence,
  evidenceKindName,
  evidenceKinds,
  type Kitchen,
  type OnSite,
} from '@fair-tin/core/model'
import { spokenDay, typedDecimal, typedNumber } from '@fair-tin/core/words'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { Fragment, useState, useTransition } from 'react'
import { Choose } from '../../ui/Choose'
import { type EvidenceRow, EvidenceRows, evidenceOf, rowOf } from '../../ui/EvidenceRows'
import { Scroller } from '../../ui/Group'
import { VerdictMark } from '../../ui/VerdictMark'
import type { Refusal } from '../outcome'
import { SheetClashes } from '../SheetClashes'
import { SheetHistory } from '../SheetHistory'
import { type Sent, tellKept, useSheet } from '../useSheet'
import { Equipment } from './Equipment'
import { equipmentDraft, equipmentFrom } from './equipment'
import { Money } from './Money'
import { moneyDraft, moneyFrom } from './money'

interface Row {
  key: string
  allergen: AllergenCode | 'gluten'
  control: CrossContact['control'] | ''
  equipment: string
  evidence: string
}
const carries = (control: Row['control']) => control !== '' && carriesAClaim.includes(control)
const nameOf = (allergen: Row['allergen']) => (allergen === 'gluten' ? 'gluten' : allergenName[allergen])
const controls = [
  { value: '-', label: 'not assessed' },
  ...(Object.keys(controlName) as CrossContact['control'][]).map(value => ({ value, label: controlName[value] })),
]
/** Kinds of paper that prove something, and grow old. */
const agingKinds = evidenceKinds.filter(kind => goodForYears[kind] > 0)
/** Markets whose labels name somebody there. */
const marketsWanting = marketsServed.filter(market => rulesOf(market).operator.within !== null)
let made = 0
const rowsOf = (kitchen: Kitchen): Row[] => {
  const known = kitchen.crossContact.map(
    (record): Row => ({
      key: `r${made++}`,
      allergen: record.allergen,
      control: record.control,
      equipment: record.equipment ?? '',
      evidence: record.evidence ?? '',
    }),
  )
  const missing = (['gluten', ...allergenCodes] as const)
    .filter(code => !known.some(row => row.allergen === code))
    .map((allergen): Row => ({ key: `r${made++}`, allergen, control: '', equipment: '', evidence: '' }))
  const order = ['gluten', ...allergenCodes] as readonly string[]
  return [...known, ...missing].sort((a, b) => order.indexOf(a.allergen) - order.indexOf(b.allergen))
}

const most = 3
/** What shows that an allergen is there although its record says that it is not. */
function Contradicted({ by }: { by: readonly OnSite[] }) {
  return (
    <tr>
      <td />
      <td colSpan={5} className="pb-1.5 text-[13px] text-unproven">
        Not so:{' '}
        {by.slice(0, most).map((one, at) => (
          <Fragment key={`${one.kind} ${one.id}`}>
            {at > 0 && '; '}
            <Link className="underline" href={one.kind === 'recipe' ? `/recipes/${one.id}` : `/larder/${one.id}`}>
              {one.fact}
            </Link>
          </Fragment>
        ))}
        {by.length > most && `; and ${by.length - most} more`}. Say how it is kept out, or take what carries it off the
        site.
      </td>
    </tr>
  )
}

export function KitchenSheet({
  kitchen,
  evidence,
  today,
  shown,
}: {
  kitchen: Kitchen
  evidence: Evidence[]
  today: string
  /** By allergen: what shows that it is on the site. */
  shown: Record<string, readonly OnSite[]>
}) {
  const router = useRouter()
  const [rows, setRows] = useState(() => rowsOf(kitchen))
  const [papers, setPapers] = useState<EvidenceRow[]>(() => evidence.map(rowOf))
  const [operator, setOperator] = useState({
    name: kitchen.operator?.name ?? '',
    address: kitchen.operator?.address ?? '',
  })
  const [abroad, setAbroad] = useState(() =>
    marketsWanting.map(market => ({ market, name: '', address: '', ...kitchen.operatorIn?.[market] })),
  )
  const [years, setYears] = useState(() =>
    Object.fromEntries(agingKinds.map(kind => [kind, String(kitchen.evidenceYears?.[kind] ?? '')])),
  )
  const [currency, setCurrency] = useState<string>(kitchen.currency)
  const [rates, setRates] = useState(() => (kitchen.rates ?? []).map(one => ({ key: `r${made++}`, ...one })))
  const [equipment, setEquipment] = useState(() => equipmentDraft(kitchen))
  const [finances, setFinances] = useState(() => moneyDraft(kitchen))
  const [wrong, setWrong] = useState<ReadonlyMap<string, string>>(new Map())
  const typed = [rows, papers, operator, abroad, years, currency, rates, equipment, finances]
  const [untouched] = useState(typed)
  const { clashes, send, takeBack, settled } = useSheet('kitchen')
  const [problems, setProblems] = useState<Refusal[]>([])
  const [saving, start] = useTransition()
  const refusal = (path: string) => problems.find(problem => problem.path === path)?.message
  const set = (key: string, change: Partial<Row>) =>
    setRows(before => before.map(row => (row.key === key ? { ...row, ...change } : row)))
  const documents = papers.filter(paper => paper.dated).map(paper => evidenceOf(paper, evidence))
  const proofs = [
    { value: '-', label: 'no proof' },
    ...papers.map(paper => ({ value: paper.id, label: paper.reference || 'unnamed' })),
  ]

  const keep = () => {
    const tools = equipmentFrom(equipment)
    setWrong(new Map('problems' in tools ? tools.problems.map(one => [one.key, one.message]) : []))
    if ('problems' in tools)
      return setProblems([{ path: '', message: `Nothing is kept yet: ${tools.problems[0]!.message}` }])
    const ages = agingKinds.map(kind => ({ kind, typed: years[kind]!.trim(), years: typedNumber(years[kind]!) }))
    const odd = ages.find(one => one.typed !== '' && !(one.years >= 0 && one.years <= 20))
    if (odd)
      return setProblems([
        {
          path: '',
          message: `Nothing is kept yet: a ${evidenceKindName[odd.kind]} is good for 0 to 20 years, not “${odd.typed}”.`,
        },
      ])
    const reckoned = moneyFrom(finances)
    if ('problem' in reckoned) return setProblems([{ path: '', message: `Nothing is kept yet. ${reckoned.problem}` }])
    start(async () => {
      const {
        operator: _,
        operatorIn: _in,
        evidenceYears: _y,
        labourPerHour: _l,
        energyPerKwh: _e,
        around: _a,
        running: _r,
        taxes: _t,
        pricePoint: _p,
        ...rest
      } = kitchen
      const crossContact = rows.flatMap((row): CrossContact[] => {
        if (row.control === '') return []
        const before = kitchen.crossContact.find(
          record => record.allergen === row.allergen && (record.equipment ?? '') === row.equipment,
        )
        const { equipment: _e, evidence: _v, ...kept } = before ?? {}
        return [
          {
            ...kept,
            allergen: row.allergen,
            control: row.control,
            ...(row.equipment.trim() ? { equipment: row.equipment.trim() } : {}),
            ...(row.evidence ? { evidence: row.evidence } : {}),
          },
        ]
      })
      const next = {
        kitchen: {
          ...rest,
          ...tools.kept,
          ...reckoned.kept,
          currency: currency.trim().toUpperCase(),
          crossContact,
          rates: rates.map(one => ({
            currency: one.currency.trim().toUpperCase(),
            rate: typedDecimal(one.rate) ?? one.rate.trim(),
            from: one.from,
          })),
          ...(operator.name.trim()
            ? { operator: { name: operator.name.trim(), address: operator.address.trim() } }
            : {}),
          ...(ages.some(one => one.typed !== '')
            ? {
                evidenceYears: Object.fromEntries(
                  ages.filter(one => one.typed !== '').map(one => [one.kind, one.years]),
                ),
              }
            : {}),
          ...(abroad.some(one => one.name.trim())
            ? {
                operatorIn: Object.fromEntries(
                  abroad
                    .filter(one => one.name.trim())
                    .map(one => [one.market, { name: one.name.trim(), address: one.address.trim() }]),
                ),
              }
            : {}),
        },
        evidence: papers.map(paper => evidenceOf(paper, evidence)),
      }
      const read = WholeKitchen.safeParse({ ...next.kitchen, evidence: next.evidence })
      if (!read.success)
        return setProblems(
          read.error.issues.map(issue => ({
            path: issue.path.join('.'),
            message:
              issue.path[0] === 'evidence' ? 'A document needs its date; its end may stay empty.' : issue.message,
          })),
        )
      const edits = sheetEdits('kitchen', { ...kitchen, evidence }, read.data)
      const sent = await send('kitchen', edits)
      setProblems(sent.kept ? [] : sent.problems)
      if (sent.kept) kept(edits.length > 0 ? () => takeBack('kitchen', edits) : null)
    })
  }
  const kept = (undo: (() => Promise<Sent>) | null) => {
    tellKept('The kitchen is kept. Every claim was checked again.', undo, () => router.refresh())
    router.refresh()
  }
  const settle = (clash: (typeof clashes)[number], mine: boolean) =>
    start(async () => {
      const left = clashes.length > 1
      const sent = mine ? await send('kitchen', [{ ...clash.edit, was: clash.now }]) : { kept: true as const }
      if (!sent.kept) return setProblems(sent.problems)
      settled(clash)
      if (!left) kept(null)
    })

  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-auto text-3xl">Kitchen</h1>
        <button type="button" className="do do-first" disabled={saving} onClick={keep}>
          {saving ? 'Keeping …' : 'Keep the changes'}
        </button>
      </div>
      <SheetClashes clashes={clashes} onMine={one => settle(one, true)} onTheirs={one => settle(one, false)} />
      {problems.length > 0 && (
        <div role="alert" className="rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2">
          {[...new Set(problems.map(problem => problem.message))].map(message => (
            <p key={message}>{message}</p>
          ))}
        </div>
      )}
      <div className="grid min-h-0 flex-1 grid-cols-1 gap-3 overflow-auto lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)] lg:overflow-hidden">
        <Scroller label="Cross-contact">
          <h2 className="text-base">How each allergen is kept out</h2>
          <p className="text-[13px] text-quiet">
            An allergen never assessed leaves every claim about it unproven. Cleaning without a test, and sharing, carry
            no claim.
          </p>
          <table className="mt-1 w-full min-w-[560px] table-fixed text-left">
            <thead className="text-quiet">
              <tr>
                <th className="w-5">
                  <span className="sr-only">State</span>
                </th>
                <th className="w-[19%] font-normal">Allergen</th>
                <th className="w-[24%] font-normal">Kept out by</th>
                <th className="w-[23%] font-normal">Where</th>
                <th className="font-normal">Proof</th>
                <th className="w-8">
                  <span className="sr-only">More</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {rows.map(row => {
                const proof = proofOf(row.evidence || undefined, documents, today, kitchen.evidenceYears)
                // another record of this sheet is seen as it stands here
                const against =
                  row.control === 'notOnSite' ? (shown[row.allergen] ?? []).filter(one => one.kind !== 'kitchen') : []
                const good = carries(row.control) && proof.proven && against.length === 0
                const why =
                  row.control === ''
                    ? 'not assessed'
                    : against.length > 0
                      ? 'contradicted: it carries no claim'
                      : good
                        ? 'carries a claim'
                        : !carries(row.control)
                          ? 'carries no claim'
                          : proof.proven
                            ? ''
                            : proof.fact
                const name = nameOf(row.allergen)
                return (
                  <Fragment key={row.key}>
                    <tr className="align-middle">
                      <td title={why}>
                        <VerdictMark mark={good ? 'holds' : 'unproven'} label={`${name}: ${why}`} />
                      </td>
                      <td className="py-0.5 pr-2">{name}</td>
                      <td className="py-0.5 pr-2">
                        <Choose
                          label={`How ${name} is kept out`}
                          value={row.control || '-'}
                          options={controls}
                          onChange={value =>
                            set(row.key, { control: value === '-' ? '' : (value as CrossContact['control']) })
                          }
                        />
                      </td>
                      <td className="py-0.5 pr-2">
                        <input
                          className="field"
                          aria-label={`Where ${name} is kept out`}
                          value={row.equipment}
                          maxLength={120}
                          onChange={event => set(row.key, { equipment: event.target.value })}
                        />
                      </td>
                      <td className="py-0.5">
                        <Choose
                          label={`Proof for ${name}`}
                          value={row.evidence || '-'}
                          options={proofs}
                          onChange={value => set(row.key, { evidence: value === '-' ? '' : value })}
                        />
                      </td>
                      <td className="py-0.5 pl-1">
                        <button
                          type="button"
                          className="min-h-[24px] min-w-[24px] rounded border border-hair px-1 font-bold text-damson pointer-coarse:min-h-[44px] pointer-coarse:min-w-[44px]"
                          title="Another place for this allergen"
                          aria-label={`Another place for ${name}`}
                          onClick={() =>
                            setRows(before =>
                              before.flatMap(one =>
                                one.key === row.key
                                  ? [
                                      one,
                                      {
                                        key: `r${made++}`,
                                        allergen: row.allergen,
                                        control: '',
                                        equipment: '',
                                        evidence: '',
                                      },
                                    ]
                                  : [one],
                              ),
                            )
                          }
                        >
                          +
                        </button>
                      </td>
                    </tr>
                    {against.length > 0 && <Contradicted by={against} />}
                  </Fragment>
                )
              })}
            </tbody>
          </table>
        </Scroller>
        <Scroller label="Equipment, proof and particulars">
          <h2 className="text-base">What you weigh, mix and bake with</h2>
          <p className="mb-1.5 text-[13px] text-quiet">Every batch is rounded, filled and split to these.</p>
          <Equipment draft={equipment} onChange={setEquipment} problems={wrong} />
          <h2 className="mt-4 text-base">What work, energy, rent and tax come to</h2>
          <Money draft={finances} currency={currency || 'your money'} onChange={setFinances} />
          <h2 className="mt-4 text-base">The kitchen’s own proof</h2>
          {documents
            .filter(paper => paper.expires && paper.expires < today)
            .map(paper => (
              <p key={paper.id} className="text-unproven">
                {paper.reference} ran out on {spokenDay(paper.expires!)}.
              </p>
            ))}
          <div className="mt-1.5">
            <EvidenceRows rows={papers} onChange={setPapers} refusal={refusal} />
          </div>
          <h3 className="mt-3 text-[15px]">How long a paper without an end is good for, years</h3>
          <div className="mt-1 grid grid-cols-4 gap-2">
            {agingKinds.map(kind => (
              <label key={kind} className="text-[13px] text-quiet">
                {evidenceKindName[kind]}
                <input
                  className="field text-ink"
                  inputMode="decimal"
                  maxLength={4}
                  placeholder={String(goodForYears[kind])}
                  value={years[kind]}
                  onChange={event => setYears(before => ({ ...before, [kind]: event.target.value }))}
                />
              </label>
            ))}
          </div>
          <h2 className="mt-4 text-base">On every label</h2>
          {(['name', 'address'] as const).map(field => (
            <label key={field} className="mt-1.5 flex flex-col text-[13px] text-quiet">
              {field === 'name' ? 'Name of the business' : 'Its address'}
              <input
                className="field text-ink"
                value={operator[field]}
                maxLength={200}
                onChange={event => setOperator(before => ({ ...before, [field]: event.target.value }))}
              />
            </label>
          ))}
          {abroad.map(one =>
            (['name', 'address'] as const).map(field => (
              <label key={`${one.market} ${field}`} className="mt-1.5 flex flex-col text-[13px] text-quiet">
                {field === 'name' ? 'Name of the business' : 'Its address'} in {rulesOf(one.market).operator.within}
                <input
                  className="field text-ink"
                  value={one[field]}
                  maxLength={200}
                  onChange={event =>
                    setAbroad(before =>
                      before.map(other =>
                        other.market === one.market ? { ...other, [field]: event.target.value } : other,
                      ),
                    )
                  }
                />
              </label>
            )),
          )}
          <label className="mt-1.5 flex w-40 flex-col text-[13px] text-quiet">
            Currency of its prices
            <input
              className="field text-ink"
              value={currency}
              maxLength={3}
              aria-invalid={refusal('kitchen.currency') ? true : undefined}
              onChange={event => setCurrency(event.target.value)}
            />
          </label>
          {currency.trim().toUpperCase() !== kitchen.currency && (
            <p role="status" className="text-unproven">
              What packing, work, energy, rent and your own prices come to stays as it is written: it is not converted
              from {kitchen.currency}. Put each right.
            </p>
          )}
          <h3 className="mt-3 text-[15px]">Rates of other currencies</h3>
          <p className="text-[13px] text-quiet">
            What one of theirs is in {currency || 'yours'}. A price in another currency is unknown without one.
          </p>
          {rates.map((one, at) => (
            <div key={one.key} className="mt-1 grid grid-cols-[70px_1fr_1fr_auto] items-end gap-2">
              {(['currency', 'rate', 'from'] as const).map(name => (
                <label key={name} className="text-[13px] text-quiet">
                  {name === 'currency' ? 'Currency' : name === 'rate' ? `One is, ${currency}` : 'From'}
                  <input
                    type={name === 'from' ? 'date' : 'text'}
                    className="field text-ink"
                    maxLength={name === 'currency' ? 3 : 12}
                    value={one[name]}
                    aria-invalid={refusal(`kitchen.rates.${at}.${name}`) ? true : undefined}
                    onChange={event =>
                      setRates(before =>
                        before.map(other => (other.key === one.key ? { ...other, [name]: event.target.value } : other)),
                      )
                    }
                  />
                </label>
              ))}
              <button
                type="button"
                className="word-link pb-1.5"
                onClick={() => setRates(before => before.filter(other => other.key !== one.key))}
              >
                Remove
              </button>
            </div>
          ))}
          <button
            type="button"
            className="do mt-2"
            onClick={() =>
              setRates(before => [...before, { key: `r${made++}`, currency: 'EUR', rate: '', from: today }])
            }
          >
            Add a rate
          </button>
          <SheetHistory kind="kitchen" id="kitchen" waits={typed.some((one, at) => one !== untouched[at])} />
        </Scroller>
      </div>
    </section>
  )
}
