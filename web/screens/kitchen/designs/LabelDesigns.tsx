// Label designs: where each block of a label stands, seen with the label of a product as it is now.
'use client'
import type { KitchenSheet } from '@fair-tin/core/edit'
import type { Declaration } from '@fair-tin/core/label'
import { rulesAsRead } from '@fair-tin/core/market'
import {
  type LabelBlock,
  type LabelBlockKind,
  LabelDesign,
  type LabelStock,
  labelBlockName,
  labelBlocks,
  type MarketCode,
} from '@fair-tin/core/model'
import { capital, commaDoubt, typedNumber } from '@fair-tin/core/words'
import type { PictureNote } from '@fair-tin/data'
import { useRouter } from 'next/navigation'
import { createContext, useContext, useEffect, useMemo, useRef, useState } from 'react'
import type { LabelCodes } from '../../../label/codes'
import { labelSizes, layOutIn, sizeName } from '../../../label/layout'
import { Choose } from '../../../ui/Choose'
import { type EntryProps, KitchenList } from '../KitchenList'
import { Canvas } from './Canvas'
import { type DesignDraft, designDraft, designOf, designsFrom, newDesign, onSize, withBlock } from './draft'
import { LogoPicker } from './LogoPicker'

interface Seen {
  declaration: Declaration | null
  codes: LabelCodes | null
  stocks: readonly LabelStock[]
  logos: readonly PictureNote[]
  setLogos: (logos: PictureNote[]) => void
  /** Ids of those on no design that may be taken out here. */
  spare: ReadonlySet<string>
}
const SeenContext = createContext<Seen>({
  declaration: null,
  codes: null,
  stocks: [],
  logos: [],
  setLogos: () => {},
  spare: new Set(),
})

export function LabelDesigns({
  kitchen,
  mayChange,
  products,
  product,
  market,
  declaration,
  codes,
  logos: atFirst,
  mayTakeOut,
}: {
  kitchen: KitchenSheet
  mayChange: boolean
  products: readonly { id: string; name: string; markets: MarketCode[] }[]
  /** Whose label is seen. */
  product: string | null
  market: MarketCode
  declaration: Declaration | null
  codes: LabelCodes | null
  logos: readonly PictureNote[]
  mayTakeOut: boolean
}) {
  const router = useRouter()
  const [logos, setLogos] = useState(atFirst)
  const { labelStocks, labelDesigns = noDesigns } = kitchen
  const spare = useMemo(() => {
    const shown = new Set(labelDesigns.flatMap(one => one.logo?.id ?? []))
    return new Set(mayTakeOut ? logos.map(one => one.id).filter(id => !shown.has(id)) : [])
  }, [labelDesigns, logos, mayTakeOut])
  const seen = useMemo(
    () => ({ declaration, codes, stocks: labelStocks ?? [], logos, setLogos, spare }),
    [declaration, codes, labelStocks, logos, spare],
  )
  const see = (to: { product?: string; market?: string }) =>
    router.replace(`/kitchen/label-designs?${new URLSearchParams({ product: product ?? '', market, ...to })}`)
  const markets = products.find(one => one.id === product)?.markets ?? []
  return (
    <SeenContext.Provider value={seen}>
      <KitchenList
        field="labelDesigns"
        shelf="label-designs"
        title="Label designs"
        intro="What stands on a label is worked out, and what the law keeps together is one block. Where each block stands is yours. Letters are as large as all blocks allow, never smaller than the law does."
        keeps="the designs"
        told="The label designs are kept. Choose one on a product’s bench, under Label."
        add="Add a design"
        kitchen={kitchen}
        mayChange={mayChange}
        draftOf={designDraft}
        newDraft={newDesign}
        fromDrafts={drafts => designsFrom(drafts, labelStocks ?? [])}
        Entry={Design}
        oneEach
        beside={
          <div className="flex flex-wrap items-end gap-2 text-[13px] text-quiet">
            <div className="w-72">
              Seen with the label of
              <Choose
                label="Seen with the label of"
                value={product ?? ''}
                placeholder="no product yet"
                options={products.map(one => ({ value: one.id, label: one.name }))}
                onChange={id => see({ product: id })}
              />
            </div>
            <div className="w-56">
              in
              <Choose
                label="In which market"
                value={market}
                options={[...new Set([market, ...markets])].map(one => ({ value: one, label: rulesAsRead(one).title }))}
                onChange={to => see({ market: to })}
              />
            </div>
          </div>
        }
      />
    </SeenContext.Provider>
  )
}

const noDesigns: readonly LabelDesign[] = []
const numbers = ['x', 'y', 'width', 'height'] as const
const numberName = { x: 'From the left, mm', y: 'From the top, mm', width: 'Wide, mm', height: 'High, mm' }

function Design({ draft, problem, onChange, onRemove }: EntryProps<DesignDraft>) {
  const { declaration, codes, stocks, logos, setLogos, spare } = useContext(SeenContext)
  const [chosen, setChosen] = useState<LabelBlockKind | null>(null)
  const title = draft.name.trim() || 'A new design'
  const read = LabelDesign.safeParse(designOf({ ...draft, name: title }, stocks))
  const laid = useMemo(
    () =>
      declaration
        ? layOutIn(designOf({ ...draft, name: title }, stocks) as LabelDesign, declaration, codes ? { codes } : {})
        : null,
    [declaration, codes, draft, title, stocks],
  )
  const put = (block: LabelBlock) =>
    onChange({ blocks: draft.blocks.map(one => (one.kind === block.kind ? block : one)) })
  const isOn = (kind: LabelBlockKind) => draft.blocks.some(one => one.kind === kind)
  const toggle = (kind: LabelBlockKind) => {
    if (isOn(kind)) return onChange({ blocks: draft.blocks.filter(one => one.kind !== kind) })
    setChosen(kind)
    onChange({ blocks: withBlock(draft, kind) })
  }
  const said = read.success ? (laid && 'tooMuch' in laid ? laid.tooMuch : null) : read.error.issues[0]!.message
  const block = draft.blocks.find(one => one.kind === chosen)
  const frame = useRef<HTMLDivElement>(null)
  const wide = useWidth(frame, draft)
  return (
    <fieldset className="rounded-lg border border-hair bg-pane p-3" aria-label={title}>
      <div className="flex flex-wrap items-end gap-2">
        <label className="min-w-40 flex-1 text-[13px] text-quiet">
          What it is called
          <input
            className="field text-ink"
            maxLength={80}
            placeholder="Kraft front"
            value={draft.name}
            onChange={event => onChange({ name: event.target.value })}
          />
        </label>
        <div className="w-60 text-[13px] text-quiet">
          Printed on
          <Choose
            label="Printed on"
            value={draft.on}
            options={[
              ...labelSizes.map(one => ({ value: sizeName(one), label: `${one.width} × ${one.height} mm` })),
              ...stocks.map(one => ({ value: one.id, label: `${one.name}: ${one.width} × ${one.height}` })),
            ]}
            onChange={on => {
              const size = labelSizes.find(one => sizeName(one) === on) ?? stocks.find(one => one.id === on)
              if (size) onChange(onSize(draft, on, size))
            }}
          />
        </div>
        <LogoPicker
          logos={logos}
          spare={logos.filter(one => spare.has(one.id) && one.id !== draft.logo?.id)}
          onGone={id => setLogos(logos.filter(one => one.id !== id))}
          chosen={draft.logo}
          onChoose={logo =>
            onChange({
              logo: logo && { id: logo.id, width: logo.width, height: logo.height },
              ...(logo ? {} : { blocks: draft.blocks.filter(one => one.kind !== 'logo') }),
            })
          }
          onKept={(now, { id, width, height }) => {
            setLogos(now)
            onChange({
              logo: { id, width, height },
              ...(isOn('logo') ? {} : { blocks: withBlock(draft, 'logo') }),
            })
          }}
        />
        <button type="button" className="do" aria-label={`Take out ${title}`} onClick={onRemove}>
          Take out
        </button>
      </div>
      {problem && (
        <p role="alert" className="mt-1 text-breaks">
          {problem}
        </p>
      )}
      <div className="mt-3 flex flex-wrap items-start gap-4">
        <div ref={frame} className="min-w-0 flex-1 overflow-x-auto pb-3">
          <p role="status" className={`mb-6 text-[14px] ${said ? 'text-breaks' : 'text-holds'}`}>
            {said ??
              (laid && 'xHeight' in laid
                ? `All of it fits, small letters ${laid.xHeight.toFixed(2)} mm.`
                : 'Choose a product to see its label in it.')}
          </p>
          <Canvas
            size={draft}
            blocks={draft.blocks}
            laid={laid && ('tooMuch' in laid ? laid.shown : laid)}
            over={laid && 'tooMuch' in laid ? laid.over : []}
            chosen={chosen}
            onChoose={setChosen}
            onChange={put}
            wide={wide}
          />
        </div>
        <div className="w-72 shrink-0 max-md:w-full">
          <p className="text-[13px] text-quiet">On the label</p>
          <ul>
            {labelBlocks.map(kind => (
              <li key={kind} className="flex items-center gap-2">
                <label className="flex min-h-[28px] flex-1 items-center gap-1.5 pointer-coarse:min-h-[44px]">
                  <input
                    type="checkbox"
                    className="size-[20px] shrink-0 accent-damson"
                    checked={isOn(kind)}
                    disabled={kind === 'logo' && !draft.logo}
                    onChange={() => toggle(kind)}
                  />
                  <span className={chosen === kind ? 'font-semibold' : ''}>{capital(labelBlockName[kind])}</span>
                </label>
                {isOn(kind) && (
                  <button
                    type="button"
                    className="word-link text-[13px]"
                    aria-label={`Measures of ${labelBlockName[kind]}`}
                    onClick={() => setChosen(chosen === kind ? null : kind)}
                  >
                    mm
                  </button>
                )}
              </li>
            ))}
          </ul>
          {block && (
            <div className="mt-2 grid grid-cols-2 gap-2">
              {numbers.map(field => (
                <Measure
                  key={`${block.kind} ${field}`}
                  label={numberName[field]}
                  value={block[field]}
                  onChange={mm => put({ ...block, [field]: mm })}
                />
              ))}
            </div>
          )}
          <label className="mt-2 block text-[13px] text-quiet">
            Own words; a claim is none of them
            <input
              className="field text-ink"
              maxLength={300}
              placeholder="Baked by the harbour."
              value={draft.words}
              onChange={event =>
                onChange({
                  words: event.target.value,
                  ...(event.target.value.trim() && !isOn('words') ? { blocks: withBlock(draft, 'words') } : {}),
                })
              }
            />
          </label>
        </div>
      </div>
    </fieldset>
  )
}

/** A number of millimetres: what cannot be stays typed. */
function Measure({ label, value, onChange }: { label: string; value: number; onChange: (mm: number) => void }) {
  const [typed, setTyped] = useState<string | null>(null)
  const doubt =
    typed === null ? null : (commaDoubt(typed) ?? (Number.isNaN(typedNumber(typed)) ? 'A number of mm.' : null))
  return (
    <label className="text-[13px] text-quiet">
      {label}
      <input
        className="field figure text-ink"
        inputMode="decimal"
        maxLength={7}
        aria-invalid={doubt !== null || undefined}
        value={typed ?? String(value)}
        onChange={event => {
          setTyped(event.target.value)
          const mm = typedNumber(event.target.value)
          if (!commaDoubt(event.target.value) && Number.isFinite(mm)) onChange(Math.round(mm * 2) / 2)
        }}
        onBlur={() => doubt === null && setTyped(null)}
      />
      {doubt && (
        <span role="alert" className="block text-breaks">
          {doubt}
        </span>
      )}
    </label>
  )
}

/** As wide as there is room, and no higher than the window shows. */
function useWidth(frame: React.RefObject<HTMLDivElement | null>, { width, height }: { width: number; height: number }) {
  const [room, setRoom] = useState(600)
  useEffect(() => {
    const at = frame.current
    if (!at) return
    const watch = new ResizeObserver(([entry]) => entry && setRoom(entry.contentRect.width))
    watch.observe(at)
    return () => watch.disconnect()
  }, [frame])
  return Math.max(240, Math.min(room, (width / height) * 440, width * 9))
}
