// A photograph of the batch: made small here, and freed there of where and with what it was taken, before it is kept. Without network
// it waits in the tablet.
'use client'
import { useEffect, useState, useTransition } from 'react'
import { TakeFile } from '../../../ui/TakeFile'
import type { Photographs } from './usePhotographs'

const longest = 1000

/** Drawn anew, no longer than that, as JPEG. */
async function small(file: File): Promise<Blob> {
  const image = await createImageBitmap(file)
  const scale = Math.min(1, longest / Math.max(image.width, image.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(image.width * scale))
  canvas.height = Math.max(1, Math.round(image.height * scale))
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
  const blob = await new Promise<Blob | null>(done => canvas.toBlob(done, 'image/jpeg', 0.82))
  if (!blob) throw new Error('no picture')
  return blob
}

/** As it was taken, small. */
function Waiting({ picture }: { picture: Blob }) {
  const [address, setAddress] = useState('')
  useEffect(() => {
    const made = URL.createObjectURL(picture)
    setAddress(made)
    return () => URL.revokeObjectURL(made)
  }, [picture])
  return address === '' ? null : <img src={address} alt="" className="h-16 rounded border border-hair" />
}

export function Photograph({ photographs }: { photographs: Photographs }) {
  const [text, setText] = useState('')
  const [problem, setProblem] = useState('')
  const [taking, start] = useTransition()
  const { waiting, take: keep, putAway, again } = photographs
  const take = (file: File) =>
    start(async () => {
      const drawn = await small(file).catch(() => null)
      if (!drawn) return setProblem(`${file.name} is no picture that can be shown here.`)
      setProblem('')
      await keep(drawn, text.trim())
      setText('')
    })
  return (
    <fieldset className="mt-3 flex flex-wrap items-end gap-2">
      <legend className="font-head text-[15px] font-bold text-navy">A photograph</legend>
      <label className="min-w-52 flex-1 text-quiet">
        What it shows
        <input
          className="field !min-h-[50px] text-ink"
          maxLength={300}
          placeholder="the crumb of the middle slice"
          value={text}
          onChange={event => setText(event.target.value)}
        />
      </label>
      <TakeFile className="slab !min-h-[50px] !text-[17px]" accept="image/*" camera onTake={take}>
        {taking ? 'Keeping it …' : 'Take one'}
      </TakeFile>
      {problem && (
        <p role="alert" className="w-full text-breaks">
          {problem}
        </p>
      )}
      {waiting.map(one => (
        <div key={one.id} role="status" className="flex w-full flex-wrap items-center gap-3">
          <Waiting picture={one.picture} />
          <span className={`min-w-40 flex-1 ${one.why === '' ? 'text-quiet' : 'text-breaks'}`}>
            {one.why === '' ? 'In this tablet, on its way to the record.' : one.why}
          </span>
          {one.why !== '' && (
            <>
              <button type="button" className="slab !min-h-[50px] !text-[17px]" onClick={() => again(one.id)}>
                Try again
              </button>
              <button type="button" className="slab !min-h-[50px] !text-[17px]" onClick={() => putAway(one.id)}>
                Put it away
              </button>
            </>
          )}
        </div>
      ))}
    </fieldset>
  )
}
