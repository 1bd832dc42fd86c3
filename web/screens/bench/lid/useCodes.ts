// The codes of the label as it stands, once the library that makes them is there; a problem in words where one cannot be made.
'use client'
import type { Product } from '@fair-tin/core/model'
import { daysAfter } from '@fair-tin/core/words'
import { useEffect, useState } from 'react'
import { codesFor, type LabelCodes } from '../../../label/codes'

export function useCodes(
  { gtin, squareCode, keeps }: Product,
  { lot, baked }: { lot: string; baked: string },
): { codes: LabelCodes | null; problem: string | null } {
  const [made, setMade] = useState<{ codes: LabelCodes | null; problem: string | null }>({ codes: null, problem: null })
  const date = keeps ? daysAfter(baked, keeps.days) : null
  const mark = keeps?.mark
  useEffect(() => {
    let gone = false
    const of = {
      ...(gtin === undefined ? {} : { gtin }),
      ...(squareCode === undefined ? {} : { squareCode }),
      ...(mark === undefined ? {} : { keeps: { days: 1, storage: '', mark } }),
    }
    codesFor(of, { lot, date }).then(
      codes => {
        if (gone) return
        setMade(codes && 'problem' in codes ? { codes: null, problem: codes.problem } : { codes, problem: null })
      },
      () => !gone && setMade({ codes: null, problem: 'The codes could not be made. Reload the page and try again.' }),
    )
    return () => {
      gone = true
    }
  }, [gtin, squareCode, mark, lot, date])
  return made
}
