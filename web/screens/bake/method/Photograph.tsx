// A photograph of the batch: made small here, and freed there of where and with what it was taken, before it is kept.
'use client'
import { useState, useTransition } from 'react'
import { TakeFile } from '../../../ui/TakeFile'
import { askPicture } from '../../askPicture'
import { useDeed } from '../../deed'
import type { RunningBatch } from '../useBatch'

const longest = 1000

/** Drawn anew, no longer than that, as JPEG. */
async function small(file: File): Promise<File> {
  const image = await createImageBitmap(file)
  const scale = Math.min(1, longest / Math.max(image.width, image.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(image.width * scale))
  canvas.height = Math.max(1, Math.round(image.height * scale))
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
  const blob = await new Promise<Blob | null>(done => canvas.toBlob(done, 'image/jpeg', 0.82))
  if (!blob) throw new Error('no picture')
  return new File([blob], 'photograph.jpg', { type: 'image/jpeg' })
}

export function Photograph({ running }: { running: RunningBatch }) {
  const [text, setText] = useState('')
  const [problem, setProblem] = useState('')
  const [taking, start] = useTransition()
  const deed = useDeed()
  const take = (file: File) =>
    start(async () => {
      const drawn = await small(file).catch(() => null)
      if (!drawn) return setProblem(`${file.name} is no picture that can be shown here.`)
      const said = await askPicture('photo', drawn, deed)
      if ('problem' in said)
        return setProblem(`${said.problem} A photograph needs the network: take it again when it is there.`)
      setProblem('')
      running.put({ kind: 'pictured', picture: said.id, ...(text.trim() ? { text: text.trim() } : {}) })
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
    </fieldset>
  )
}
