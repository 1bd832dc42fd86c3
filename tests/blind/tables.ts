// Lines and statements, each with what a person reads in it, written down before the reader was run on any. All invented; what they
// hold is common practice. A row a case; each set was written and committed by itself, and run once before anything was mended for it.
// Of a line: the text, its amount ("2~3 tbsp" is a range, nothing is no amount), the thing without its state. Of a statement: the
// text, what is in it, what may be, what is said not to be; "nuts" and "gluten" are the groups, said without a kind.
import { readFileSync } from 'node:fs'

export type SaidLine = readonly [text: string, amount: string, item: string]
export interface SaidStatement {
  text: string
  contains: string
  may: string
  absent: string
}

/** A card in the manner of people, with the foods it names. */
export interface HeardCard {
  text: string
  foods: readonly string[]
}

/** The rows under "# name" of a table in this folder, cell by cell. */
function rowsOf(file: string, set: string): string[][] {
  const parts = readFileSync(new URL(file, import.meta.url), 'utf8').split(/^# (\w+)\n/m)
  const rows = parts[parts.indexOf(set) + 1] ?? ''
  return rows
    .split('\n')
    .filter(row => row !== '')
    .map(row => row.split(' ¦ ').map(cell => cell.replace(/\\n/g, '\n').replace(/\\t/g, '\t')))
}
export const linesOf = (set: string): SaidLine[] =>
  rowsOf('lines.txt', set).map(([text = '', amount = '', item = '']) => [text, amount, item])
export const statementsOf = (set: string): SaidStatement[] =>
  rowsOf('statements.txt', set).map(([text = '', contains = '', may = '', absent = '']) => ({
    text,
    contains,
    may,
    absent,
  }))
/**
 * Cards, each set written before the reader was looked at in its state, and run once. A food counts as heard where a line is called so
 * or a question names it. On first sight: of the fourteenth 55 of 323 foods were neither (four cards were not read at all); of the
 * fifteenth 33 of 340, four of them an allergen that nothing else on the card told of; of the sixteenth 19 of 380, five of which might
 * have hidden one ("smält 100 g smör", "Zartbitterkuvertüre", "800 condensed", "cream:choc", "couverture"); of the seventeenth 14 of 199,
 * five of those ("sr", "marg", a shop's pastry, a strudel dough, white chocolate); of the eighteenth 13 of 107, four of those (wheat
 * biscuits, "T45", a bought biscuit, ice cream); of the nineteenth 28 of 309, five of those ("butter" behind "the cake takes", "butt",
 * "mature", "sr gf", clotted cream), and of its cards five gave amounts to the wrong food or read a share as grams; of the twentieth
 * 14 of 154, four of those ("a packet of ginger biscuits", a bought sponge, "cond. milk", "b'wheat" heard as wheat); of the
 * twenty-first 8 of 97, one of those (white wine); of the twenty-second 12 of 136, five of those ("but-" broken from "ter", shares of a
 * dough in a sentence, a bought pastry behind a question, sponge offcuts, a shortbread finger each); of the twenty-third 11 of 162 (a milk powder in the first row, flour said aloud), and
 * of its cards two gave wrong amounts ("five hundred icing sugar" as 5 g; a table with blanks in its ruler was read by its %).
 */
export const cardsOf = (set: string): HeardCard[] =>
  rowsOf('cards.txt', set).map(([text = '', foods = '']) => ({ text, foods: foods.split('; ') }))
