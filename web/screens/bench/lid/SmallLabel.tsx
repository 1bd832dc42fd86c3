// A label as it would print, small, beside another.
'use client'
import type { Declaration } from '@fair-tin/core/label'
import { useMemo } from 'react'
import { LabelSvg } from '../../../label/LabelSvg'
import { layOut, usualSize } from '../../../label/layout'

export function SmallLabel({ declaration }: { declaration: Declaration }) {
  const laid = useMemo(() => layOut(declaration, {}, usualSize(declaration)), [declaration])
  if ('tooMuch' in laid) return <p className="rounded border-2 border-breaks bg-breaks-wash p-2">{laid.tooMuch}</p>
  return (
    <div className="border border-hair">
      <LabelSvg layout={laid} />
    </div>
  )
}
