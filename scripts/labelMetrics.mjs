// Reads the advance widths of the label's two font files into web/label/archivo.json, so that a label can be laid out
// anywhere without a font parser. Run again when the font package changes; a test compares the two.
import { readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import fontkit from '@pdf-lib/fontkit'

const root = path.resolve(import.meta.dirname, '..')
const file = weight => path.join(root, 'node_modules/@expo-google-fonts/archivo', weight, `Archivo_${weight}.ttf`)
const open = weight => fontkit.create(readFileSync(file(weight)))
const regular = open('400Regular')
const bold = open('700Bold')
const wanted = regular.characterSet.filter(
  code => code >= 32 && (code < 0x250 || (code >= 0x2010 && code <= 0x2265)) && code !== 0x7f,
)
const widths = font =>
  Object.fromEntries(
    wanted.map(code => [String.fromCodePoint(code), Math.round(font.glyphForCodePoint(code).advanceWidth)]),
  )
writeFileSync(
  path.join(root, 'web/label/archivo.json'),
  `${JSON.stringify({ unitsPerEm: regular.unitsPerEm, ascent: regular.ascent, descent: regular.descent, xHeight: regular.xHeight, capHeight: regular.capHeight, regular: widths(regular), bold: widths(bold) })}\n`,
)
console.log(`${wanted.length} characters measured.`)
