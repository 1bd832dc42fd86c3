// 1,000 labels to one PDF, one after another with a lot of its own on each, beside so many bare pages of the same library with as many
// words on them in its own font. Prints times and the ratio; judges nothing.
import { assess } from '@fair-tin/core'
import { PDFDocument, StandardFonts } from 'pdf-lib'
import { demoWorkbook } from '../../demo/workbook'
import { layOut } from '../../web/label/layout'
import { labelPdf, labelsPdf } from '../../web/label/pdf'

const many = 1000
const { declaration } = assess(demoWorkbook('2026-11-24'), 'ginger-teff-loaf', 'uk')
const laid = Array.from({ length: many }, (_, at) => {
  const one = layOut(declaration, { lot: `L${at}` })
  if ('tooMuch' in one) throw new Error(one.tooMuch)
  return { layout: one }
})
const timed = async (work: () => Promise<unknown>): Promise<number> => {
  const times: number[] = []
  for (let run = 0; run < 3; run++) {
    const began = performance.now()
    await work()
    times.push(performance.now() - began)
  }
  return times.sort((a, b) => a - b)[1]!
}
const bare = async () => {
  const document = await PDFDocument.create()
  const font = await document.embedFont(StandardFonts.Helvetica)
  for (const {
    layout: { texts, width, height },
  } of laid) {
    const page = document.addPage([width, height])
    for (const text of texts)
      page.drawText(text.text.replace(/[^ -~]/g, 'x'), { x: text.x, y: text.y, size: text.size, font })
  }
  return document.save()
}
const [ours, pages, copies] = [
  await timed(() => labelsPdf(laid, 'Bench')),
  await timed(bare),
  await timed(() => labelPdf(laid[0]!.layout, 'Bench', { copies: many })),
]
console.log(`${many} labels of ${laid[0]!.layout.texts.length} texts, each with its own lot`)
console.log(`to one PDF               ${ours.toFixed(0)} ms`)
console.log(`bare pages, same words   ${pages.toFixed(0)} ms   labels take ${(ours / pages).toFixed(2)} times as long`)
console.log(`one label, ${many} copies   ${copies.toFixed(0)} ms`)
