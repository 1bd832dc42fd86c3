// The lot that goes in: what is to be used first, another, or what was scanned; what may not go in is stopped, with the reason.
'use client'
import { firstLot, lotProblem } from '@fair-tin/core/batch'
import { spokenDay, weighed } from '@fair-tin/core/words'
import { ScanLine } from 'lucide-react'
import { useState } from 'react'
import { Modal } from '../../../ui/Modal'
import type { KnownLot, Lots } from './useLots'

export interface Wanted {
  id: string
  name: string
}

/** The lot to take unless somebody chose another: the one chosen, else what must be used first. */
export const lotToTake = (
  lots: readonly KnownLot[],
  wanted: Wanted,
  today: string,
  chosen: string | null,
): KnownLot | null =>
  lots.find(one => one.id === chosen && one.ingredient === wanted.id) ?? firstLot(lots, wanted, today)

/** Why none of its lots may go in; '' where one may, or none is on file. */
export function stoppedLots(lots: readonly KnownLot[], wanted: Wanted, today: string): string {
  const own = lots.filter(one => one.ingredient === wanted.id && one.left > 0)
  const against = own.map(one => lotProblem(one, wanted, today))
  return own.length > 0 && against.every(one => one !== null) ? against.join(' ') : ''
}

export function LotChoice({
  lots,
  wanted,
  today,
  lot,
  onChoose,
}: {
  lots: Lots
  wanted: Wanted
  today: string
  lot: KnownLot | null
  onChoose: (id: string) => void
}) {
  const [open, setOpen] = useState(false)
  const [code, setCode] = useState('')
  const [problem, setProblem] = useState('')
  const own = lots.all.filter(one => one.ingredient === wanted.id && (one.left > 0 || one.id === lot?.id))
  const close = () => {
    setOpen(false)
    setProblem('')
    setCode('')
  }
  const take = (one: KnownLot) => {
    const against = lotProblem(one, wanted, today, one.name ?? 'another thing')
    if (against) return setProblem(`Stop. ${against}`)
    onChoose(one.id)
    close()
  }
  const scan = async () => {
    const found = await lots.byCode(code)
    if ('problem' in found) return setProblem(found.problem)
    take(found.find(one => lotProblem(one, wanted, today) === null) ?? found[0]!)
  }
  return (
    <>
      <button
        type="button"
        className="slab !min-h-[52px] !justify-start !text-[17px] !font-semibold"
        onClick={() => setOpen(true)}
      >
        <ScanLine size={22} aria-hidden className="shrink-0" />
        {lot ? (
          <span className="text-left">
            Lot {lot.lot}
            <span className="block font-text text-[13px] font-normal">
              {weighed(lot.left)} left{lot.useBy ? `, use by ${spokenDay(lot.useBy)}` : ''}
            </span>
          </span>
        ) : (
          <span className="text-left text-unproven">{own.length === 0 ? 'No lot on file' : 'No lot may be used'}</span>
        )}
      </button>
      <Modal
        open={open}
        onClose={close}
        title={`Which lot of ${wanted.name}?`}
        lead="Scan the pack, type its code, or tap the lot."
      >
        <form
          className="flex gap-2"
          onSubmit={event => {
            event.preventDefault()
            void scan()
          }}
        >
          <input
            className="field !min-h-[52px] text-[18px]"
            aria-label="Code on the pack"
            autoComplete="off"
            maxLength={120}
            value={code}
            onChange={event => setCode(event.target.value)}
          />
          <button type="submit" className="slab !min-h-[52px]">
            Look
          </button>
        </form>
        {problem && (
          <p
            role="alert"
            className="mt-2 rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2 text-[17px] font-bold"
          >
            {problem}
          </p>
        )}
        <ul className="mt-3 space-y-2">
          {own.map(one => {
            const against = lotProblem(one, wanted, today)
            return (
              <li key={one.id}>
                <button
                  type="button"
                  aria-pressed={one.id === lot?.id}
                  className="slab w-full !justify-between !text-[18px]"
                  onClick={() => take(one)}
                >
                  <span>{one.lot}</span>
                  <span className="font-text text-[14px] font-normal">
                    {against ? (
                      <b className="text-breaks">{against}</b>
                    ) : (
                      `${weighed(one.left)} left${one.useBy ? `, use by ${spokenDay(one.useBy)}` : ''}`
                    )}
                  </span>
                </button>
              </li>
            )
          })}
        </ul>
        {own.length === 0 && (
          <p className="mt-3 text-quiet">
            No lot of it is on the shelf by the books. What goes in without one cannot be traced: enter its delivery in
            the larder.
          </p>
        )}
      </Modal>
    </>
  )
}
