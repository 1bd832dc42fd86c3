// Nutrition from a table or a file: the values are seen before they are taken, with their source and how sure they are.
'use client'
import { type NamedNutrients, readNationalFoods, type TableFood } from '@fair-tin/core/exchange'
import { mainNutrients, type NutrientCode, type NutrientValue, nutrientCodes, nutrientName } from '@fair-tin/core/model'
import { useEffect, useState } from 'react'
import { Modal } from '../../ui/Modal'
import { readNutritionTable } from './nutritionTable'

export type Taken = Partial<Record<NutrientCode, NutrientValue>>
type Found = { name: string; from: string; nutrients: Taken }
const largest = 60 * 1024 * 1024

export function NutritionLookUp({
  name,
  onTake,
  onClose,
}: {
  name: string
  onTake: (nutrients: Taken) => void
  onClose: () => void
}) {
  const [wanted, setWanted] = useState(name)
  const [found, setFound] = useState<Found[]>([])
  const [fromFile, setFromFile] = useState<Found[] | null>(null)
  const [chosen, setChosen] = useState<Found | null>(null)
  const [problem, setProblem] = useState('')
  useEffect(() => {
    if (fromFile) return
    const gone = new AbortController()
    const timer = setTimeout(async () => {
      try {
        const answer = await fetch(`/api/v1/foods?q=${encodeURIComponent(wanted)}`, { signal: gone.signal })
        const said = (await answer.json()) as { foods: TableFood[] } | { problem: string }
        if ('problem' in said) return setProblem(said.problem)
        setProblem('')
        setFound(said.foods.map(food => ({ name: food.name, from: food.group, nutrients: food.nutrients })))
      } catch {
        if (!gone.signal.aborted) setProblem('The table cannot be reached just now. Try again in a moment.')
      }
    }, 150)
    return () => {
      clearTimeout(timer)
      gone.abort()
    }
  }, [wanted, fromFile])
  const readFile = async (file: File | undefined) => {
    if (!file) return
    if (file.size > largest) return setProblem(`${file.name} is over 60 MB. Give a smaller part of it.`)
    const bytes = new Uint8Array(await file.arrayBuffer())
    const json = /^\s*[[{]/.test(new TextDecoder().decode(bytes.subarray(0, 64)).replace(/^\ufeff/, ''))
    const read = json ? readNationalFoods(new TextDecoder().decode(bytes)) : await readNutritionTable(bytes, file.name)
    if ('problem' in read) return setProblem(read.problem)
    setProblem('')
    setChosen(null)
    setFromFile(read.foods.map((food: NamedNutrients) => ({ ...food, from: file.name })))
  }
  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean)
  const shown = fromFile
    ? fromFile.filter(one => words.every(word => one.name.toLowerCase().includes(word))).slice(0, 50)
    : found
  return (
    <Modal
      open
      onClose={onClose}
      title={`Nutrition of ${name || 'this ingredient'}`}
      lead="A typical value is a start. Your supplier’s own replaces it."
      wide
    >
      {problem && (
        <p role="alert" className="mb-2 rounded-lg border-2 border-breaks bg-breaks-wash px-3 py-2">
          {problem}
        </p>
      )}
      <div className="grid grid-cols-[1fr_auto] items-end gap-2">
        <label className="text-[13px] text-quiet">
          {fromFile
            ? 'Find among the foods of the file'
            : 'Find in the open food table (Indian Food Composition Tables 2017)'}
          <input
            className="field text-ink"
            value={wanted}
            maxLength={100}
            onChange={event => {
              setWanted(event.target.value)
              setChosen(null)
            }}
          />
        </label>
        <label className="do cursor-pointer">
          From a file (JSON, CSV, XLSX)
          <input
            type="file"
            accept=".json,.csv,.tsv,.txt,.xlsx"
            className="sr-only"
            onChange={event => void readFile(event.target.files?.[0])}
          />
        </label>
      </div>
      <div className="mt-3 grid grid-cols-2 gap-4 max-sm:grid-cols-1">
        <ul className="max-h-72 overflow-auto border border-hair" aria-label="Foods found">
          {shown.map(one => (
            <li key={`${one.name} ${one.from}`}>
              <button
                type="button"
                aria-pressed={one === chosen}
                className="w-full px-2 py-1 text-left hover:bg-navy hover:text-white aria-pressed:bg-navy aria-pressed:text-white pointer-coarse:py-3"
                onClick={() => setChosen(one)}
              >
                {one.name} <span className="text-[12.5px] opacity-70">{one.from}</span>
              </button>
            </li>
          ))}
          {shown.length === 0 && (
            <li className="px-2 py-2 text-quiet">
              {wanted.trim() ? 'Nothing by that name. Try the plain word: “oats”, “sesame”.' : 'Type a name.'}
            </li>
          )}
        </ul>
        {chosen ? (
          <div>
            <h3 className="text-[15px]">{chosen.name}, per 100 g</h3>
            <table className="w-full text-left">
              <tbody>
                {nutrientCodes
                  .filter(code => chosen.nutrients[code] || (mainNutrients as readonly string[]).includes(code))
                  .map(code => {
                    const value = chosen.nutrients[code]
                    return (
                      <tr key={code} className="border-b border-hair/60">
                        <td>{nutrientName[code]}</td>
                        <td className="figure text-right">
                          {value ? value.value : <span className="font-text text-unproven">not known</span>}
                        </td>
                        <td className="figure pl-2 text-[12.5px] text-quiet">
                          {value?.low !== undefined && `${value.low} to ${value.high}`}
                        </td>
                      </tr>
                    )
                  })}
              </tbody>
            </table>
            <p className="mt-1 text-[13px] text-quiet">{Object.values(chosen.nutrients)[0]?.source}</p>
            <button type="button" className="do do-first mt-2" onClick={() => onTake(chosen.nutrients)}>
              Take these values
            </button>
          </div>
        ) : (
          <p className="text-quiet">Choose one to see its values before they are taken.</p>
        )}
      </div>
    </Modal>
  )
}
