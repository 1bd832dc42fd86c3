// The picture that stands as a logo: one that is kept, or another, PNG or SVG, drawn anew when it is taken.
'use client'
import type { LabelDesign } from '@fair-tin/core/model'
import type { PictureNote } from '@fair-tin/data'
import { useState, useTransition } from 'react'
import { Choose } from '../../../ui/Choose'
import { TakeFile } from '../../../ui/TakeFile'
import { askPicture } from '../../askPicture'
import { useDeed } from '../../deed'
import { TakeOutPicture } from '../../TakeOutPicture'

const none = 'none'

export function LogoPicker({
  logos,
  chosen,
  onChoose,
  onKept,
  spare,
  onGone,
}: {
  logos: readonly PictureNote[]
  chosen: LabelDesign['logo'] | null
  onChoose: (logo: LabelDesign['logo'] | null) => void
  /** Another was taken: it is chosen at once. */
  onKept: (logos: PictureNote[], logo: PictureNote) => void
  /** On no design, and they may be taken out here. */
  spare: readonly PictureNote[]
  onGone: (id: string) => void
}) {
  const [problem, setProblem] = useState('')
  const [taking, start] = useTransition()
  const deed = useDeed()
  const take = (file: File) =>
    start(async () => {
      const said = await askPicture('logo', file, deed)
      setProblem('problem' in said ? said.problem : '')
      if ('pictures' in said) onKept(said.pictures, said.pictures.find(one => one.id === said.id)!)
    })
  return (
    <div className="flex flex-wrap items-end gap-2 text-[13px] text-quiet">
      <div className="w-44">
        Logo
        <Choose
          label="Logo"
          value={chosen?.id ?? none}
          options={[
            { value: none, label: 'none' },
            ...logos.map(one => ({ value: one.id, label: one.name })),
            ...(chosen && !logos.some(one => one.id === chosen.id) ? [{ value: chosen.id, label: 'a picture' }] : []),
          ]}
          onChange={id => onChoose(logos.find(one => one.id === id) ?? (id === chosen?.id ? chosen : null))}
        />
      </div>
      <TakeFile className="do text-ink" accept="image/png,image/svg+xml" onTake={take}>
        {taking ? 'Drawing it …' : 'Take a PNG or SVG'}
      </TakeFile>
      {chosen && (
        <p className="w-full">
          What a picture says, a mark of a scheme or a word in it, nobody checks here. Print only what you may.
        </p>
      )}
      {spare.length > 0 && (
        <ul className="w-full" aria-label="Pictures on no design">
          {spare.map(one => (
            <li key={one.id} className="flex flex-wrap items-baseline gap-x-3">
              <span className="break-all">{one.name}, on no design:</span>
              <TakeOutPicture id={one.id} name={one.name} onGone={() => onGone(one.id)} />
            </li>
          ))}
        </ul>
      )}
      {problem && (
        <p role="alert" className="w-full text-breaks">
          {problem}
        </p>
      )}
    </div>
  )
}
