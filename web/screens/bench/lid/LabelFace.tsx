// The lid's label: as it would print now, what stands between it and a signature, and printing it.
'use client'
import { textOf } from '@fair-tin/core/label'
import { toPlaces } from '@fair-tin/core/words'
import Link from 'next/link'
import { useMemo, useState } from 'react'
import { LabelSvg } from '../../../label/LabelSvg'
import { labelSizes, layOut, layOutIn, sizeName, sizeNamed, usualSize } from '../../../label/layout'
import { Caution } from '../../../ui/Caution'
import { Choose } from '../../../ui/Choose'
import { DayField } from '../../../ui/DayField'
import { VerdictMark } from '../../../ui/VerdictMark'
import type { LidProps } from './faces'
import { LabelChecks } from './LabelChecks'
import { MarketCompare } from './MarketCompare'
import { putField } from './productEdit'
import { useCodes } from './useCodes'

export function LabelFace(props: LidProps) {
  const { assessment, workbook, product, productId, rules, hands, onTurn } = props
  const { declaration } = assessment
  const usual = usualSize(declaration)
  const [chosen, setChosen] = useState<{ market: string; name: string } | null>(null)
  // a size is chosen for one market's form of label
  const { labelStocks = [], labelDesigns = [] } = workbook.kitchen
  const design = labelDesigns.find(one => one.id === product.designs?.[declaration.market])
  const named = chosen?.market === declaration.market ? chosen.name : sizeName(usual)
  const size = design ?? sizeNamed(named, labelStocks) ?? usual
  const stock = labelStocks.find(one => one.id === (design ? design.stock : named))
  const choose = (name: string) => {
    const { [declaration.market]: was, ...others } = product.designs ?? {}
    const isDesign = labelDesigns.some(one => one.id === name)
    const designs = isDesign ? { ...others, [declaration.market]: name } : others
    // the design stays with the product; a size is for this once
    if (isDesign || was !== undefined)
      hands.onEdit(putField(product, 'designs', Object.keys(designs).length > 0 ? designs : null))
    setChosen(isDesign ? null : { market: declaration.market, name })
  }
  const [beside, setBeside] = useState(false)
  const [baked, setBaked] = useState('')
  const [lot, setLot] = useState('')
  const [copies, setCopies] = useState('1')
  const [startAt, setStartAt] = useState('1')
  const [marks, setMarks] = useState(false)
  const { codes, problem } = useCodes(product, {
    lot: lot.trim() || declaration.particulars.lot,
    baked: baked || workbook.today,
  })
  const laid = useMemo(() => {
    const extras = codes ? { codes } : {}
    return design ? layOutIn(design, declaration, extras) : layOut(declaration, extras, size)
  }, [declaration, codes, design, size])
  /** What is no count is said by the address itself, and prints nothing. */
  const start = startAt.trim() || '1'
  const query = new URLSearchParams({
    market: declaration.market,
    ...(design ? { size: design.id } : size === usual ? {} : { size: named }),
    ...(baked ? { baked } : {}),
    ...(lot.trim() ? { lot: lot.trim() } : {}),
  }).toString()
  const address = (kind: string, more = '') => `/products/${productId}/${kind}?${query}${more}`
  const sheet = stock?.sheet ? `&start=${start}${marks ? '&marks=yes' : ''}` : ''
  return (
    <>
      {'tooMuch' in laid ? (
        <div className="rounded border-2 border-breaks bg-breaks-wash p-3">
          <p role="alert">{laid.tooMuch}</p>
          <p className="mt-2 font-bold">{declaration.name}</p>
          <p>Ingredients: {textOf(declaration.ingredients)}.</p>
        </div>
      ) : (
        <div className="border border-hair">
          <LabelSvg layout={laid} />
        </div>
      )}
      {problem && (
        <p role="alert" className="mt-1 text-breaks">
          {problem}
        </p>
      )}
      <p className="mt-1 text-[12.5px] text-quiet">
        {'tooMuch' in laid ? '' : `${size.width} × ${size.height} mm, small letters ${toPlaces(laid.xHeight, 2)} mm. `}
        {rules.title} rules: {rules.caution.charAt(0).toLowerCase() + rules.caution.slice(1)}{' '}
        <button type="button" className="word-link" onClick={() => setBeside(true)}>
          Beside another market
        </button>
      </p>
      {beside && (
        <MarketCompare
          workbook={workbook}
          productId={productId}
          assessment={assessment}
          onClose={() => setBeside(false)}
        />
      )}
      {declaration.problems.length > 0 ? (
        <>
          <h2 className="mt-3 text-base">Before this label can be signed</h2>
          <ul>
            {declaration.problems.map(problem => (
              <li key={problem.what} className="flex gap-2 border-b border-hair py-1.5 last:border-0">
                <span className="pt-0.5">
                  <VerdictMark mark={problem.weight ?? 'unproven'} />
                </span>
                <span>
                  {problem.what} {problem.mend && <span className="text-quiet">{problem.mend}</span>}
                </span>
              </li>
            ))}
          </ul>
        </>
      ) : (
        <p className="mt-3 flex gap-2">
          <VerdictMark mark="holds" />
          <span>
            Nothing stands between this label and a signature. Someone competent reads it over first.{' '}
            <Link href={`/labels/${productId}/${declaration.market}`} className="word-link">
              Read it and sign it
            </Link>
          </span>
        </p>
      )}
      <LabelChecks {...props} />
      {declaration.questions.length > 0 && (
        <>
          <h2 className="mt-3 text-base">Not answered here</h2>
          <ul className="text-unproven">
            {declaration.questions.map(question => (
              <li key={question}>{question}</li>
            ))}
          </ul>
        </>
      )}
      {declaration.notices.map(notice => (
        <p key={notice} className="mt-3 text-quiet">
          Told to customers, and not printed: {notice}
        </p>
      ))}
      {declaration.beside.map(warning => (
        <p key={warning} className="mt-3 text-unproven">
          {warning} Where it goes along, the customer is told.
        </p>
      ))}
      {declaration.leftOut.length > 0 && (
        <>
          <h2 className="mt-3 text-base">In it, and not declared</h2>
          <ul className="text-quiet">
            {declaration.leftOut.map(fact => (
              <li key={fact}>{fact}</li>
            ))}
          </ul>
        </>
      )}
      <div className="mt-3 flex flex-wrap items-end gap-2">
        <DayField label="Baked on" value={baked} onChange={setBaked} className="w-[148px]" />
        <label className="flex flex-col text-[13px] text-quiet">
          Lot
          <input
            className="field w-24 text-ink"
            value={lot}
            maxLength={30}
            placeholder={declaration.particulars.lot}
            onChange={event => setLot(event.target.value)}
          />
        </label>
        <div className="w-36 text-[13px] text-quiet">
          Label, mm
          <Choose
            label="Label size"
            value={design?.id ?? named}
            options={[
              ...labelDesigns.map(one => ({ value: one.id, label: `${one.name}: ${one.width} × ${one.height}` })),
              ...labelSizes.map(one => ({ value: sizeName(one), label: `${one.width} × ${one.height}` })),
              ...labelStocks.map(one => ({ value: one.id, label: `${one.name}: ${one.width} × ${one.height}` })),
            ]}
            onChange={choose}
          />
        </div>
        <label className="flex flex-col text-[13px] text-quiet">
          Copies
          <input
            className="field figure w-16 text-ink"
            inputMode="numeric"
            maxLength={3}
            value={copies}
            onChange={event => setCopies(event.target.value)}
          />
        </label>
        {stock?.sheet && (
          <>
            <label className="flex flex-col text-[13px] text-quiet">
              From label
              <input
                className="field figure w-16 text-ink"
                inputMode="numeric"
                maxLength={3}
                value={startAt}
                onChange={event => setStartAt(event.target.value)}
              />
            </label>
            <label className="flex min-h-[24px] items-center gap-1.5 pb-1 text-[13px] pointer-coarse:min-h-[44px]">
              <input
                type="checkbox"
                className="size-[20px] accent-damson"
                checked={marks}
                onChange={event => setMarks(event.target.checked)}
              />
              Marks to cut by
            </label>
          </>
        )}
        <div className="flex gap-2">
          <a
            className="do do-first"
            href={address('label.pdf', `&copies=${encodeURIComponent(copies.trim() || '1')}${sheet}`)}
            target="_blank"
            rel="noreferrer"
          >
            {stock?.sheet ? 'Sheets as PDF' : 'Label as PDF'}
          </a>
          <a className="do" href={address('print')}>
            Print
          </a>
        </div>
      </div>
      <p className="mt-2 flex flex-wrap gap-x-3 text-[13px] text-quiet">
        Also as
        {[
          ['svg', '', 'SVG'],
          ['png', '&perInch=300', 'PNG, 300 to the inch'],
          ['zpl', `&perInch=203&copies=${encodeURIComponent(copies.trim() || '1')}`, 'ZPL for a label printer, 203'],
          ['zpl', `&perInch=300&copies=${encodeURIComponent(copies.trim() || '1')}`, 'ZPL, 300'],
          ['pdf', '&bleed=3&marks=yes', 'PDF with 3 mm to cut away'],
        ].map(([kind, more, words]) => (
          <a key={words} className="word-link" href={address(`label.${kind}`, more)}>
            {words}
          </a>
        ))}
      </p>
      <Link href="/kitchen/label-stock" className="word-link mt-2 mr-3">
        Label stock
      </Link>
      <Link href={`/kitchen/label-designs?product=${productId}`} className="word-link mt-2 mr-3">
        Label designs
      </Link>
      <button type="button" className="word-link mt-2" onClick={() => onTurn('about')}>
        Change name, claims, weight or what is highlighted
      </button>
      <Caution className="mt-3" />
    </>
  )
}
