// What the product is called, weighs, claims, and how it keeps.
'use client'
import {
  billOf,
  type ClaimCode,
  claimName,
  type MarketCode,
  marketsServed,
  namedClaims,
  nameOfClaim,
  type Product,
  rulesOf,
  type Workbook,
} from '@fair-tin/core'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { toast } from 'sonner'
import { Choose } from '../../ui/Choose'
import { Modal } from '../../ui/Modal'
import type { Refusal } from '../outcome'
import { keepProduct } from './actions'

const toggled = <T,>(list: readonly T[], value: T): T[] =>
  list.includes(value) ? list.filter(one => one !== value) : [...list, value]

export function AboutProduct({
  product,
  workbook,
  onClose,
}: {
  product: Product
  workbook: Workbook
  onClose: () => void
}) {
  const inRecipe = new Set(billOf(workbook, product.recipe).lines.map(line => line.ingredient))
  const used = workbook.ingredients.filter(one => inRecipe.has(one.id) || product.highlighted?.includes(one.id))
  const router = useRouter()
  const [form, setForm] = useState({
    name: product.name,
    legalName: product.legalName ?? '',
    netWeight: String(product.netWeight),
    pieces: String(product.pieces),
    pieceName: product.pieceName ?? '',
    days: product.keeps ? String(product.keeps.days) : '',
    mark: product.keeps?.mark ?? ('bestBefore' as 'bestBefore' | 'useBy'),
    storage: product.keeps?.storage ?? '',
    claims: product.claims,
    markets: product.markets,
    highlighted: product.highlighted ?? [],
  })
  const [seen, setSeen] = useState(product.version ?? 1)
  const [problems, setProblems] = useState<Refusal[]>([])
  const [saving, start] = useTransition()
  const set = (change: Partial<typeof form>) => setForm(before => ({ ...before, ...change }))
  const refusal = (path: string) => problems.find(problem => problem.path === path)?.message
  const field = (
    name: 'name' | 'legalName' | 'netWeight' | 'pieces' | 'pieceName' | 'days' | 'storage',
    label: string,
    hint?: string,
  ) => (
    <label className="flex flex-col text-[13px] text-quiet">
      {label}
      <input
        className="field text-ink"
        value={form[name]}
        placeholder={hint}
        aria-invalid={refusal(name) ? true : undefined}
        maxLength={300}
        onChange={event => set({ [name]: event.target.value })}
      />
      {refusal(name) && <span className="text-breaks">{refusal(name)}</span>}
    </label>
  )
  const number = (text: string) => Number(text.trim().replace(',', '.') || Number.NaN)
  const keep = () =>
    start(async () => {
      const { legalName: _l, pieceName: _p, keeps: _k, ...rest } = product
      const days = number(form.days)
      const next: Product = {
        ...rest,
        name: form.name,
        netWeight: number(form.netWeight),
        pieces: number(form.pieces),
        claims: form.claims,
        markets: form.markets,
        highlighted: form.highlighted,
        ...(form.legalName.trim() ? { legalName: form.legalName.trim() } : {}),
        ...(form.pieceName.trim() ? { pieceName: form.pieceName.trim() } : {}),
        ...(form.days.trim() ? { keeps: { days, mark: form.mark, storage: form.storage.trim() } } : {}),
      }
      const outcome = await keepProduct(next, seen).catch(() => null)
      if (!outcome)
        return setProblems([
          { path: '', message: 'The server did not answer. Everything is still here: try again in a moment.' },
        ])
      if (outcome.saved) {
        toast(`${next.name} is kept.`)
        onClose()
        router.refresh()
      } else if ('conflict' in outcome) {
        setSeen(outcome.conflict.version)
        setProblems([
          {
            path: '',
            message: `Somebody changed this product meanwhile (claims: ${outcome.conflict.theirs.claims.map(nameOfClaim).join(', ') || 'none'}; ${outcome.conflict.theirs.netWeight} g). Yours is still here: keep again to put it over theirs.`,
          },
        ])
      } else setProblems(outcome.problems)
    })
  const boxes = <T extends string>(
    title: string,
    options: readonly { value: T; label: string }[],
    chosen: readonly T[],
    onChange: (next: T[]) => void,
  ) => (
    <fieldset className="mt-3">
      <legend className="text-[13px] text-quiet">{title}</legend>
      <div className="mt-1 flex flex-wrap gap-x-4 gap-y-1.5">
        {options.map(option => (
          <label key={option.value} className="flex min-h-[24px] items-center gap-1.5">
            <input
              type="checkbox"
              className="size-[24px] accent-damson"
              checked={chosen.includes(option.value)}
              onChange={() => onChange(toggled(chosen, option.value))}
            />{' '}
            {option.label}
          </label>
        ))}
      </div>
    </fieldset>
  )
  return (
    <Modal open onClose={onClose} title={`About ${product.name}`} wide>
      {problems
        .filter(problem => refusal(problem.path) && !['name', 'netWeight', 'pieces', 'days'].includes(problem.path))
        .map(problem => (
          <p
            key={problem.message}
            role="alert"
            className="mb-2 rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2"
          >
            {problem.message}
          </p>
        ))}
      <div className="grid grid-cols-2 gap-2.5">
        {field('name', 'Name')}
        {field('legalName', 'Name of the food, as the label must say it', 'as above')}
      </div>
      <div className="mt-2.5 grid grid-cols-3 gap-2.5">
        {field('netWeight', 'Net weight of a pack, g')}
        {field('pieces', 'Pieces in a pack')}
        {field('pieceName', 'A piece is called', 'piece')}
      </div>
      <div className="mt-2.5 grid grid-cols-[90px_150px_1fr] gap-2.5">
        {field('days', 'Keeps, days')}
        <div className="text-[13px] text-quiet">
          Date mark
          <Choose
            label="Date mark"
            value={form.mark}
            onChange={mark => set({ mark: mark as 'bestBefore' | 'useBy' })}
            options={[
              { value: 'bestBefore', label: 'best before' },
              { value: 'useBy', label: 'use by' },
            ]}
          />
        </div>
        {field('storage', 'Storage, as printed', 'Keep in a cool, dry place.')}
      </div>
      {form.mark === 'useBy' && (
        <p className="mt-1 text-[13px] text-unproven">
          A use-by date is about safety: it needs someone competent and, often, a test.
        </p>
      )}
      {boxes(
        'Claims to check and print',
        namedClaims.map(value => ({ value: value as ClaimCode, label: claimName[value] })),
        form.claims,
        claims => set({ claims }),
      )}
      {boxes(
        'In the name or picture (QUID)',
        used.map(one => ({ value: one.id, label: one.name })),
        form.highlighted,
        highlighted => set({ highlighted }),
      )}
      {boxes(
        'Sold in',
        marketsServed.map((value: MarketCode) => ({ value, label: rulesOf(value).title })),
        form.markets,
        markets => set({ markets }),
      )}
      <div className="mt-4 flex gap-2">
        <button type="button" className="do do-first" disabled={saving} onClick={keep}>
          {saving ? 'Keeping …' : 'Keep'}
        </button>
        <button type="button" className="do" onClick={onClose}>
          Leave it as it was
        </button>
      </div>
    </Modal>
  )
}
