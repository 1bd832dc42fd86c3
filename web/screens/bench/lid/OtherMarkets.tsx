// What some markets ask of a person: a test of the finished food, and the label in a second language.
'use client'
import { assess } from '@fair-tin/core/assess'
import { textOf } from '@fair-tin/core/label'
import { rulesAsRead } from '@fair-tin/core/market'
import type { MarketCode, Product, Workbook } from '@fair-tin/core/model'
import { billOf } from '@fair-tin/core/recipe'
import { typedNumber } from '@fair-tin/core/words'
import { useMemo, useState } from 'react'
import { DayField } from '../../../ui/DayField'
import type { Hands } from '../typed/useTyped'
import { FacePart } from './FacePart'
import { putField, readField } from './productEdit'

interface Props {
  product: Product
  workbook: Workbook
  hands: Hands
}

export function OtherMarkets({ product, workbook, hands }: Props) {
  const tested = product.markets.filter(market => rulesAsRead(market).gluten.testOfFood)
  const second = product.markets.find(market => rulesAsRead(market).second !== null)
  return (
    <>
      {tested.length > 0 && (product.claims.includes('glutenFree') || product.glutenTest) && (
        <GlutenTest product={product} workbook={workbook} hands={hands} markets={tested} />
      )}
      {second && <SecondLanguage product={product} workbook={workbook} hands={hands} market={second} />}
    </>
  )
}

function GlutenTest({ product, workbook, hands, markets }: Props & { markets: MarketCode[] }) {
  const kept = product.glutenTest
  const [reference, setReference] = useState(kept?.evidence.reference ?? '')
  const [dated, setDated] = useState(kept?.evidence.dated ?? '')
  const [from, setFrom] = useState(kept ? String(kept.findsFromMgPerKg) : '')
  const [problem, setProblem] = useState('')
  const keep = () => {
    const said = readField(product, 'glutenTest', {
      findsFromMgPerKg: typedNumber(from),
      evidence: { id: 'gluten-test', kind: 'test', reference: reference.trim(), dated },
      of: [...new Set(billOf(workbook, product.recipe).lines.map(line => line.ingredient))],
    })
    const wrong = !reference.trim()
      ? 'Say which report it is.'
      : !dated
        ? 'Say of which day it is.'
        : 'problem' in said
          ? said.problem
          : ''
    setProblem(wrong)
    if (!wrong && 'edits' in said) hands.onEdit(...said.edits)
  }
  return (
    <FacePart title="Test of the finished food for gluten">
      <p className="mb-1 text-[13.5px] text-quiet">
        {markets.map(market => rulesAsRead(market).title).join(', ')}: “gluten-free” is only for food in which a test
        finds none. Enter a report that says so.
      </p>
      {problem && (
        <p role="alert" className="text-breaks">
          {problem}
        </p>
      )}
      <div className="grid grid-cols-2 items-end gap-2">
        <label className="text-[13px] text-quiet">
          Report
          <input
            className="field text-ink"
            maxLength={120}
            value={reference}
            onChange={event => setReference(event.target.value)}
          />
        </label>
        <label className="text-[13px] text-quiet">
          The method finds from, mg/kg
          <input
            className="field figure text-ink"
            inputMode="decimal"
            maxLength={12}
            value={from}
            onChange={event => setFrom(event.target.value)}
          />
        </label>
        <DayField label="Report of" value={dated} onChange={setDated} />
        <div className="flex gap-2">
          <button type="button" className="do" onClick={keep}>
            Keep the test
          </button>
          {kept && (
            <button
              type="button"
              className="word-link"
              onClick={() => hands.onEdit(putField(product, 'glutenTest', null))}
            >
              Take it out
            </button>
          )}
        </div>
      </div>
    </FacePart>
  )
}

function SecondLanguage({ product, workbook, hands, market }: Props & { market: MarketCode }) {
  const language = rulesAsRead(market).second!.name
  const list = useMemo(
    () => textOf(assess(workbook, product.id, market).declaration.ingredients),
    [workbook, product.id, market],
  )
  const kept = product.translated
  const [name, setName] = useState(kept?.name ?? '')
  const [ingredients, setIngredients] = useState(kept?.ingredients ?? '')
  const [piece, setPiece] = useState(kept?.pieceName ?? '')
  const [storage, setStorage] = useState(kept?.storage ?? '')
  const [problem, setProblem] = useState('')
  const keep = () => {
    const said = readField(product, 'translated', {
      name: name.trim(),
      ingredients: ingredients.trim(),
      of: list,
      ...(piece.trim() ? { pieceName: piece.trim() } : {}),
      ...(storage.trim() ? { storage: storage.trim() } : {}),
    })
    const wrong =
      !name.trim() || !ingredients.trim()
        ? `Write the name and the list in ${language}.`
        : 'problem' in said
          ? said.problem
          : ''
    setProblem(wrong)
    if (!wrong && 'edits' in said) hands.onEdit(...said.edits)
  }
  return (
    <FacePart title={`The label in ${language}`}>
      <p className="mb-1 text-[13.5px] text-quiet">
        {rulesAsRead(market).title} wants it in {language} too. What the law fixes is put there by itself; the name and
        the list are for whoever writes {language}.
      </p>
      {kept && kept.of !== list && (
        <p className="text-unproven">The list has changed since this was written. Have it read again, then keep it.</p>
      )}
      <p className="mb-1 text-[13.5px]">{list}.</p>
      {problem && (
        <p role="alert" className="text-breaks">
          {problem}
        </p>
      )}
      <InSecond
        label={`Name in ${language}`}
        value={name}
        most={300}
        lang={rulesAsRead(market).second!.language}
        onChange={setName}
      />
      {product.pieceName !== undefined && (
        <InSecond
          label={`What a ${product.pieceName} is called in ${language}`}
          value={piece}
          most={60}
          lang={rulesAsRead(market).second!.language}
          onChange={setPiece}
        />
      )}
      {product.keeps?.storage && (
        <InSecond
          label={`“${product.keeps.storage}” in ${language}`}
          value={storage}
          most={300}
          lang={rulesAsRead(market).second!.language}
          onChange={setStorage}
        />
      )}
      <label className="block text-[13px] text-quiet">
        Ingredient list in {language}
        <textarea
          className="field h-auto min-h-20 text-ink"
          lang={rulesAsRead(market).second!.language}
          maxLength={20_000}
          value={ingredients}
          onChange={event => setIngredients(event.target.value)}
        />
      </label>
      <button type="button" className="do mt-1" onClick={keep}>
        Keep it for this list
      </button>
    </FacePart>
  )
}

function InSecond({
  label,
  value,
  most,
  lang,
  onChange,
}: {
  label: string
  value: string
  most: number
  lang: string
  onChange: (value: string) => void
}) {
  return (
    <label className="block text-[13px] text-quiet">
      {label}
      <input
        className="field text-ink"
        lang={lang}
        maxLength={most}
        value={value}
        onChange={event => onChange(event.target.value)}
      />
    </label>
  )
}
