// A supplier's price list: choose it, say what its columns are (once for each supplier), look it through, then take it whole.
'use client'
import { guessColumns, type PriceColumns, type ReadPrices, safeCell } from '@fair-tin/core/exchange'
import type { Ingredient } from '@fair-tin/core/model'
import { money, spokenDay, weighed } from '@fair-tin/core/words'
import { proxy, type Remote, wrap } from 'comlink'
import { useRouter } from 'next/navigation'
import { useEffect, useMemo, useRef, useState } from 'react'
import { Choose } from '../../ui/Choose'
import { Group, Scroller } from '../../ui/Group'
import type { PriceListWorker } from '../../workers/priceList'
import { ask } from '../ask'
import { useDeed } from '../deed'
import { giveFile } from '../giveFile'
import { tellDone } from '../tellDone'
import { largestTable } from './cells'

type Opened = { name: string; head: string[][]; count: number }
const none = '-'

export function PriceListImport({
  larder,
  currency,
  today,
}: {
  larder: Ingredient[]
  currency: string
  today: string
}) {
  const router = useRouter()
  const suppliers = useMemo(
    () => [...new Set(larder.flatMap(one => (one.supplier ? [one.supplier] : [])))].sort(),
    [larder],
  )
  const [supplier, setSupplier] = useState('')
  const [opened, setOpened] = useState<Opened | null>(null)
  const [columns, setColumns] = useState<PriceColumns | null>(null)
  const [remembered, setRemembered] = useState(false)
  const [progress, setProgress] = useState<[number, number] | null>(null)
  const [read, setRead] = useState<ReadPrices | null>(null)
  const [problem, setProblem] = useState('')
  const [taking, setTaking] = useState(false)
  const worker = useRef<Remote<PriceListWorker> | null>(null)
  useEffect(() => {
    const made = new Worker(new URL('../../workers/priceList.ts', import.meta.url), { type: 'module' })
    worker.current = wrap<PriceListWorker>(made)
    return () => made.terminate()
  }, [])

  const open = async (file: File | undefined) => {
    if (!file || !worker.current) return
    setRead(null)
    setOpened(null)
    if (file.size > largestTable)
      return setProblem(
        `${file.name} is ${Math.round(file.size / 1e6)} MB; at most ${Math.round(largestTable / 1e6)} MB can be read.`,
      )
    const said = await worker.current.open(new Uint8Array(await file.arrayBuffer()), file.name)
    if ('problem' in said) return setProblem(said.problem)
    setProblem('')
    setOpened({ name: file.name, ...said })
    if (!remembered) setColumns(guessColumns(said.head[0] ?? []))
  }
  const choose = async (name: string) => {
    setSupplier(name)
    setRead(null)
    setRemembered(false)
    // at once, not when the answer comes: a file may have been refused by then
    setProblem('')
    const said = await ask<{ columns: PriceColumns | null }>(`/api/v1/prices?supplier=${encodeURIComponent(name)}`)
    if ('problem' in said) return setProblem(said.problem)
    if (said.columns) {
      setColumns(said.columns)
      setRemembered(true)
    } else if (opened) setColumns(guessColumns(opened.head[0] ?? []))
  }
  const look = async () => {
    if (!worker.current || !columns) return
    setRead(null)
    setProgress([0, opened?.count ?? 0])
    const said = await worker.current.look(
      columns,
      { larder, supplier, currency, today },
      proxy((looked: number, all: number) => setProgress([looked, all])),
    )
    setProgress(null)
    setRead(said)
  }
  const deed = useDeed()
  const take = async () => {
    if (!read || !columns) return
    setTaking(true)
    const said = await ask<{ added: unknown[] }>('/api/v1/prices', { supplier, columns, changes: read.changes }, deed)
    if ('problem' in said) setProblem(said.problem)
    else {
      const { added } = said
      tellDone(
        `${added.length} new ${added.length === 1 ? 'price' : 'prices'} from ${supplier}.`,
        added.length === 0
          ? null
          : async () => {
              const back = await ask<{ back: number }>('/api/v1/prices', { back: added }, deed)
              router.refresh()
              return back
            },
      )
      router.push('/larder')
      router.refresh()
    }
    setTaking(false)
  }
  const set = (change: Partial<PriceColumns>) => {
    setRead(null)
    setColumns(before => before && { ...before, ...change })
  }
  const width = Math.max(0, ...(opened?.head ?? []).map(row => row.length))
  const headRow = opened?.head[Math.max(0, (columns?.headRows ?? 1) - 1)] ?? []
  const options = Array.from({ length: width }, (_, at) => ({
    value: String(at),
    label: `${String.fromCharCode(65 + (at % 26))}: ${headRow[at] || 'no heading'}`,
  }))
  const column = (key: 'name' | 'article' | 'pack' | 'price' | 'from' | 'currency', label: string, needed = false) => (
    <div className="text-[13px] text-quiet">
      {label}
      <Choose
        label={label}
        value={columns?.[key] === null || columns === null ? none : String(columns[key])}
        options={needed ? options : [{ value: none, label: 'not in the list' }, ...options]}
        onChange={value => set({ [key]: value === none ? null : Number(value) })}
      />
    </div>
  )
  const ready =
    supplier !== '' && opened !== null && columns !== null && (columns.name !== null || columns.article !== null)
  return (
    <section className="flex min-h-0 flex-1 flex-col gap-2">
      <h1 className="text-3xl">A price list</h1>
      {problem && (
        <p role="alert" className="rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2">
          {problem}
        </p>
      )}
      <div className="grid min-h-0 flex-1 grid-cols-1 gap-3 overflow-auto lg:grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)] lg:overflow-hidden">
        <Scroller label="The list">
          <Group title="Whose list, and which">
            <div className="grid grid-cols-2 items-end gap-2.5">
              <div className="text-[13px] text-quiet">
                Supplier
                <Choose
                  label="Supplier"
                  value={supplier}
                  options={suppliers.map(one => ({ value: one, label: one }))}
                  onChange={name => void choose(name)}
                />
              </div>
              <label className="do cursor-pointer justify-center focus-within:outline-3 focus-within:outline-damson">
                {opened ? 'Another file' : 'Choose a CSV or XLSX file'}
                <input
                  type="file"
                  accept=".csv,.tsv,.txt,.xlsx"
                  className="sr-only"
                  onChange={event => {
                    void open(event.target.files?.[0])
                    event.target.value = ''
                  }}
                />
              </label>
            </div>
            {opened && (
              <p className="mt-1 text-quiet">
                {opened.name}: {opened.count.toLocaleString('en-GB')} rows.
              </p>
            )}
          </Group>
          {opened && columns && (
            <Group
              title="What its columns are"
              note={
                remembered
                  ? 'As you said the last time for this supplier.'
                  : 'A first guess: put right what is wrong. It is remembered for this supplier.'
              }
            >
              <div className="grid grid-cols-2 gap-2.5">
                {column('name', 'Name')}
                {column('article', 'Article number')}
                {column('pack', 'Pack size', true)}
                {column('price', 'Price of the pack', true)}
                {column('from', 'Holds from')}
                {column('currency', 'Currency')}
                <div className="text-[13px] text-quiet">
                  A bare pack size is in
                  <Choose
                    label="A bare pack size is in"
                    value={columns.packUnit}
                    options={(['g', 'kg', 'ml', 'l'] as const).map(one => ({ value: one, label: one }))}
                    onChange={value => set({ packUnit: value as PriceColumns['packUnit'] })}
                  />
                </div>
                <div className="text-[13px] text-quiet">
                  Rows above the first article
                  <Choose
                    label="Rows above the first article"
                    value={String(columns.headRows)}
                    options={Array.from({ length: 8 }, (_, at) => ({ value: String(at), label: String(at) }))}
                    onChange={value => set({ headRows: Number(value) })}
                  />
                </div>
              </div>
              <div className="mt-2 overflow-x-auto">
                <table className="text-left text-[12.5px]" aria-label="The first rows of the list">
                  <tbody>
                    {opened.head.slice(0, 5).map((row, at) => (
                      <tr key={at} className="border-b border-hair/60">
                        {Array.from({ length: width }, (_, cell) => (
                          <td key={cell} className="max-w-40 truncate py-0.5 pr-3">
                            {row[cell] ?? ''}
                          </td>
                        ))}
                      </tr>
                    ))}
                  </tbody>
                </table>
              </div>
            </Group>
          )}
          <div className="flex gap-2 py-2">
            {progress ? (
              <>
                <span role="status" className="self-center">
                  {progress[0].toLocaleString('en-GB')} of {progress[1].toLocaleString('en-GB')} rows …
                </span>
                <button type="button" className="do" onClick={() => void worker.current?.stop()}>
                  Stop
                </button>
              </>
            ) : (
              <button type="button" className="do do-first" disabled={!ready} onClick={() => void look()}>
                Look it through
              </button>
            )}
          </div>
        </Scroller>
        <Scroller label="What it would change">
          {!read && (
            <p className="py-3 text-quiet">
              Nothing is taken until you have seen what it would change. Every row that cannot be taken is listed with
              its reason; taking the same list again changes nothing.
            </p>
          )}
          {read?.stopped && <p className="py-3">Stopped. Nothing was taken.</p>}
          {read && !read.stopped && (
            <>
              <Group
                title={`${read.changes.length.toLocaleString('en-GB')} new ${read.changes.length === 1 ? 'price' : 'prices'}`}
                note={`${read.unchanged.toLocaleString('en-GB')} rows say what the larder has already; ${read.refused.length.toLocaleString('en-GB')} cannot be taken.`}
              >
                <button
                  type="button"
                  className="do do-first"
                  disabled={taking || read.changes.length === 0}
                  onClick={() => void take()}
                >
                  {taking ? 'Taking …' : `Take ${read.changes.length === 1 ? 'it' : 'them all'}`}
                </button>
                <table className="mt-2 w-full text-left" aria-label="New prices">
                  <tbody>
                    {read.changes.slice(0, 200).map(one => (
                      <tr key={one.row} className="border-b border-hair/60">
                        <td className="py-0.5">{one.name}</td>
                        <td className="figure text-right">{weighed(one.pack.grams)}</td>
                        <td className="figure text-right font-bold">{money(one.pack.price, one.pack.currency)}</td>
                        <td className="pl-3 text-quiet">from {spokenDay(one.pack.from)}</td>
                        <td className="figure text-right text-quiet">row {one.row}</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
                {read.changes.length > 200 && <p className="text-quiet">and {read.changes.length - 200} more.</p>}
              </Group>
              {read.refused.length > 0 && (
                <Group title={`${read.refused.length.toLocaleString('en-GB')} rows that cannot be taken`}>
                  <button type="button" className="word-link" onClick={() => saveRefused(read.refused, supplier)}>
                    Keep them as a CSV file
                  </button>
                  <ul className="mt-1">
                    {read.refused.slice(0, 300).map(one => (
                      <li key={one.row} className="border-b border-hair/60 py-0.5">
                        <span className="figure text-quiet">row {one.row}</span> {one.reason}{' '}
                        <span className="text-[13px] text-quiet">{one.text}</span>
                      </li>
                    ))}
                  </ul>
                  {read.refused.length > 300 && (
                    <p className="text-quiet">and {read.refused.length - 300} more, in the file.</p>
                  )}
                </Group>
              )}
            </>
          )}
        </Scroller>
      </div>
    </section>
  )
}

const quoted = (text: string) => `"${safeCell(text).replace(/"/g, '""')}"`
/** RFC 4180; cells that begin like a formula are made harmless. */
function saveRefused(refused: ReadPrices['refused'], supplier: string): void {
  const lines = [['row', 'reason', 'text'], ...refused.map(one => [String(one.row), one.reason, one.text])]
  const csv = lines.map(cells => cells.map(quoted).join(',')).join('\r\n')
  giveFile(`not taken, ${supplier}.csv`, 'text/csv;charset=utf-8', `\ufeff${csv}\r\n`)
}
