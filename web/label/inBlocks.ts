// An arrangement of her own: each block of the declaration in the place a design gives it. What has no place, or does not fit its
// place, is said by its name, with what could give.
import { type Declaration, refusedWords } from '@fair-tin/core/label'
import type { RulePack } from '@fair-tin/core/market'
import { type LabelBlock, type LabelBlockKind, type LabelDesign, labelBlockName } from '@fair-tin/core/model'
import { capital, toPlaces } from '@fair-tin/core/words'
import type { Content } from './content'
import { formsOf } from './forms'
import { setFront, setSymbol } from './front'
import { emptyPage, type Page } from './page'
import { type Column, paragraph, plain, set } from './paragraph'
import { setCodes } from './setCodes'
import { setTable } from './typicalTable'

type SetBlock = (page: Page, column: Column, em: number, block: LabelBlock) => void

/** `over`: kinds of the blocks that are too small, by name. */
export function inBlocks(
  design: LabelDesign,
  declaration: Declaration,
  content: Content,
  pack: RulePack,
): (em: number) => { page: Page; problems: string[]; over: LabelBlockKind[] } {
  const { name, list, said, business, keeping, net, draft, table, codes } = content
  const { front, symbol } = declaration
  const forms = formsOf(declaration, pack, design)
  const setAll =
    (all: readonly Parameters<typeof set>[2][]): SetBlock =>
    (page, column, em) => {
      for (const one of all) set(page, column, one, em)
    }
  const { quantityWithin } = pack.letters
  const within = quantityWithin && design.width * design.height > quantityWithin.overMm2 ? quantityWithin : null
  /** Only what there is something to say in. */
  const setters: Partial<Record<LabelBlockKind, SetBlock>> = {
    front: (page, column, em, block) => {
      for (const one of [...draft, ...name]) set(page, column, one, em)
      if (within) {
        // at the foot of its block, which must reach where the law wants it
        const apart: Column = { ...column, y: 0 }
        set(emptyPage(), apart, net, em)
        column.y = Math.max(column.y, block.y + block.height - apart.y)
      }
      set(page, column, net, em)
    },
    list: setAll([...list, ...said]),
    keeping: setAll(keeping),
  }
  if (business.length > 0) setters.business = setAll(business)
  if (table) setters.table = (page, column, em) => setTable(page, column, table, em)
  else if (forms[0])
    setters.table = (page, column, _, block) => {
      // the first form that fits; else the last, which needs least
      column.y = block.y
      for (const [at, form] of forms.entries()) {
        const [trial, apart] = [emptyPage(), { ...column }]
        form!.set(trial, apart)
        if (at < forms.length - 1 && (trial.overrun || apart.y > block.y + block.height + 1e-9)) continue
        form!.set(page, column)
        return
      }
    }
  if (codes) setters.codes = (page, column) => setCodes(page, column, codes)
  if (front || symbol)
    setters.summary = (page, column, em) => {
      if (symbol) setSymbol(page, column, symbol, em)
      if (front) setFront(page, column, front, em)
    }
  const { words, logo } = design
  if (words) setters.words = setAll([paragraph(plain(words), 0)])
  if (logo)
    setters.logo = (page, _, __, { x, y, width, height }) => {
      const scale = Math.min(width / logo.width, height / logo.height)
      const [wide, high] = [logo.width * scale, logo.height * scale]
      page.images.push({
        id: logo.id,
        x: x + (width - wide) / 2,
        y: y + (height - high) / 2,
        width: wide,
        height: high,
      })
    }

  const placed = new Map(design.blocks.map(one => [one.kind, one]))
  const placedFront = placed.get('front')
  const homeless = (Object.keys(setters) as LabelBlockKind[]).filter(kind => !placed.has(kind) && kind !== 'logo')
  const standing = [
    ...homeless.map(
      kind => `The ${labelBlockName[kind]} must stand on it, and ${kind === 'words' ? 'have' : 'has'} no block.`,
    ),
    ...(words ? [refusedWords(words)].filter(one => one !== null) : []),
    ...(within && placedFront && placedFront.y + placedFront.height < design.height * (1 - within.share)
      ? [
          `The net quantity must stand in the lowest ${toPlaces(within.share * 100, 0)} % of the label (${within.cite}): move the block for ${labelBlockName.front} down, or let it reach there.`,
        ]
      : []),
  ]
  return em => {
    const page = emptyPage()
    const problems = [...standing]
    const over: LabelBlockKind[] = []
    for (const block of design.blocks) {
      const setBlock = setters[block.kind]
      if (!setBlock) continue
      const own = emptyPage()
      const column: Column = { x: block.x, width: block.width, y: block.y - em * 0.3 }
      setBlock(own, column, em, block)
      const short = block.kind === 'logo' ? 0 : column.y - (block.y + block.height)
      if (short > 0.05 || own.overrun) {
        over.push(block.kind)
        problems.push(
          `${capital(labelBlockName[block.kind])}: its block is ${own.overrun ? 'too narrow' : `${Math.ceil(short)} mm too low`}. Make it larger, take a larger label, or shorten what it says.`,
        )
      }
      for (const part of ['texts', 'rules', 'boxes', 'fills', 'rings', 'images'] as const)
        page[part].push(...(own[part] as never[]))
    }
    return { page, problems, over }
  }
}
