// All that stands on a label, in named groups, each word measured once and not yet placed.
import { type Declaration, textOf } from '@fair-tin/core/label'
import type { RulePack } from '@fair-tin/core/market'
import { filled } from '@fair-tin/core/words'
import type { LabelCodes } from './codes'
import { figureHeight } from './metrics'
import { type Paragraph, paragraph, plain } from './paragraph'
import { type Table, tableOf } from './typicalTable'

export interface LabelExtras {
  /** Printed in place of the declaration's own. */
  date?: string
  lot?: string
  codes?: LabelCodes
}
export interface Content {
  /** What it is called. */
  name: Paragraph[]
  list: Paragraph[]
  /** Sentences that follow from what is in it and what is claimed. */
  said: Paragraph[]
  business: Paragraph[]
  /** Date, lot, storage. */
  keeping: Paragraph[]
  net: Paragraph
  draft: Paragraph[]
  table: Table | null
  codes: LabelCodes | null
}

/** `quantity`: height of the figures of the net quantity, mm. */
export function contentOf(declaration: Declaration, extras: LabelExtras, quantity: number, pack: RulePack): Content {
  const { words } = pack
  const { particulars, panel } = declaration
  const date = extras.date ?? particulars.date
  // in a panel of its own form the portions stand with the table
  const kept = [particulars.storage, words.table.panel ? null : particulars.portions].filter(Boolean).join(' ')
  return {
    name: [
      paragraph([{ text: declaration.name, strong: true }], declaration.byName ? 0.1 : 0.3, 1.25),
      ...(declaration.byName ? [paragraph(plain(declaration.byName), 0.3)] : []),
    ],
    list: [
      paragraph([...plain(words.ingredients), ...declaration.ingredients, { text: '.' }]),
      ...(declaration.second
        ? [
            paragraph([{ text: declaration.second.name, strong: true }], 0.2),
            paragraph(plain(`${declaration.second.ingredients.replace(/\.$/, '')}.`)),
          ]
        : []),
    ],
    // what is drawn as a symbol stands in no sentence
    said: declaration.statements
      .filter(statement => textOf(statement) !== declaration.symbol?.text)
      .map(statement => paragraph(statement)),
    business: [particulars.operator, particulars.origin].flatMap(one => (one ? [paragraph(plain(one))] : [])),
    keeping: [
      ...(date ? [paragraph(plain(date), 0.1)] : []),
      paragraph(plain(filled(words.lot, { lot: extras.lot ?? particulars.lot }))),
      ...(kept ? [paragraph(plain(kept))] : []),
      ...(declaration.second?.storage ? [paragraph(plain(declaration.second.storage))] : []),
      ...(particulars.price ? [paragraph(plain(particulars.price))] : []),
    ],
    net: {
      ...paragraph(plain(particulars.netQuantity), panel ? 0 : 0.16),
      size: quantity / figureHeight,
      fixed: true,
    },
    draft: declaration.problems.length > 0 ? [paragraph([{ text: words.draft, strong: true }])] : [],
    table: !panel && 'rows' in declaration.table ? tableOf(declaration.table.rows, particulars, words) : null,
    codes: extras.codes ?? null,
  }
}

/** All the text the label would set, for checking it against the font. */
export function everyWord(content: Content, { panel, table: facts, front, symbol }: Declaration): string {
  const { name, list, said, business, keeping, net, draft, table } = content
  const words = [...name, ...list, ...said, ...business, ...keeping, net, ...draft].flatMap(one =>
    one.words.flatMap(word => word.pieces.map(bit => bit.text)),
  )
  const cells = table
    ? [
        table.head.title,
        table.over?.heading ?? '',
        table.over?.portions ?? '',
        ...table.head.first,
        ...table.head.second,
        ...table.rows.flatMap(row => [row.label, ...row.first, ...row.second]),
      ]
    : []
  const drawn = panel
    ? [
        panel.servings,
        panel.servingSize,
        ...panel.per,
        panel.wholeUnit ?? '',
        panel.simplified?.note ?? '',
        ...Object.values(panel.words).flat(),
      ]
    : []
  const rows = panel && 'rows' in facts ? facts.rows.flatMap(row => [row.label, row.perServing ?? '']) : []
  const onFront = [
    ...(front
      ? [front.lead, ...front.notes, ...front.cells.flatMap(one => [one.name, ...one.amounts, one.level ?? ''])]
      : []),
    ...(symbol ? [symbol.head, ...symbol.nutrients, symbol.foot] : []),
  ]
  return [...words, ...cells, ...drawn, ...rows, ...onFront].join('')
}
