// What the kitchen weighs, fills, mixes and bakes with: every batch is sized to it.
'use client'
import { emptyTin, TinFields } from '../../ui/TinFields'
import { type EquipmentDraft, type Listed, newKey, type Row } from './equipment'

const lists: { list: Listed; title: string; add: string; fields: [key: string, label: string, wide?: boolean][] }[] = [
  {
    list: 'scales',
    title: 'Scales',
    add: 'Add a scale',
    fields: [
      ['capacity', 'takes at most, g'],
      ['resolution', 'shows steps of, g'],
    ],
  },
  {
    list: 'mixers',
    title: 'Mixers',
    add: 'Add a mixer',
    fields: [
      ['name', 'name', true],
      ['grams', 'mixes at once, g'],
    ],
  },
  {
    list: 'ovens',
    title: 'Ovens',
    add: 'Add an oven',
    fields: [
      ['name', 'name', true],
      ['tins', 'tins at once'],
      ['kW', 'draws, kW'],
      ['preheat', 'heats in, min'],
      ['offset', 'runs hot by, °C'],
      ['topShelf', 'top shelf by, °C'],
    ],
  },
]

export function Equipment({
  draft,
  onChange,
  problems,
}: {
  draft: EquipmentDraft
  onChange: (next: EquipmentDraft) => void
  problems: ReadonlyMap<string, string>
}) {
  const put = (list: Listed, key: string, typed: Row['typed']) =>
    onChange({ ...draft, [list]: draft[list].map(row => (row.key === key ? { ...row, typed } : row)) })
  return (
    <>
      {lists.map(({ list, title, add, fields }) => (
        <section key={list} className="mb-2" aria-label={title}>
          <h3 className="text-[15px]">{title}</h3>
          {draft[list].map(row => (
            <div key={row.key} className="mt-1">
              <div className="flex flex-wrap items-end gap-2">
                {fields.map(([key, label, wide]) => (
                  <label
                    key={key}
                    className={`text-[12.5px] text-quiet ${wide ? 'min-w-28 flex-1' : list === 'ovens' ? 'w-24' : 'w-32'}`}
                  >
                    {label}
                    <input
                      className="field text-ink"
                      inputMode={wide ? 'text' : 'decimal'}
                      maxLength={wide ? 60 : 10}
                      value={row.typed[key] ?? ''}
                      aria-invalid={problems.has(row.key) || undefined}
                      onChange={event => put(list, row.key, { ...row.typed, [key]: event.target.value })}
                    />
                  </label>
                ))}
                {list === 'ovens' && (
                  <label className="flex items-center gap-1.5 pb-1.5 pointer-coarse:min-h-[44px]">
                    <input
                      type="checkbox"
                      className="accent-damson"
                      checked={row.typed.fan === 'yes'}
                      onChange={event => put(list, row.key, { ...row.typed, fan: event.target.checked ? 'yes' : '' })}
                    />
                    fan
                  </label>
                )}
                <button
                  type="button"
                  className="word-link pb-1.5"
                  onClick={() => onChange({ ...draft, [list]: draft[list].filter(one => one.key !== row.key) })}
                >
                  Remove
                </button>
              </div>
              {problems.has(row.key) && <p className="text-breaks">{problems.get(row.key)}</p>}
            </div>
          ))}
          <button
            type="button"
            className="word-link mt-1"
            onClick={() => onChange({ ...draft, [list]: [...draft[list], { key: newKey(), typed: {} }] })}
          >
            {add}
          </button>
        </section>
      ))}
      <section className="mb-2" aria-label="Tins">
        <h3 className="text-[15px]">Tins, inside measures</h3>
        {draft.tins.map((row, at) => (
          <div key={row.key} className="mt-1">
            <div className="flex flex-wrap items-end gap-2">
              <TinFields
                label={`tin ${at + 1}`}
                draft={row.tin}
                onChange={tin =>
                  onChange({ ...draft, tins: draft.tins.map(one => (one.key === row.key ? { ...one, tin } : one)) })
                }
              />
              <button
                type="button"
                className="word-link pb-1.5"
                onClick={() => onChange({ ...draft, tins: draft.tins.filter(one => one.key !== row.key) })}
              >
                Remove
              </button>
            </div>
            {problems.has(row.key) && <p className="text-breaks">{problems.get(row.key)}</p>}
          </div>
        ))}
        <button
          type="button"
          className="word-link mt-1"
          onClick={() => onChange({ ...draft, tins: [...draft.tins, { key: newKey(), tin: emptyTin }] })}
        >
          Add a tin
        </button>
      </section>
    </>
  )
}
