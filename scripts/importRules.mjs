// The direction of imports: core ← data ← web; demo and tests stand outside; nothing imports the web. Types count too.
// Reads every source with a real parser; circles are Biome's to find (noImportCycles).
import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { parseSync } from '@swc/core'
import { root } from './install.mjs'

const isTest = file => /\.test\.tsx?$/.test(file)
/** Each rule: which files it is about, and which imports it refuses. An import is a path in the project or a package name. */
export const rules = [
  {
    name: 'core imports only zod and big.js',
    of: file => file.startsWith('core/') && !isTest(file),
    refuses: to => !/^core\/|^(zod|big\.js)(\/|$)/.test(to),
  },
  {
    name: 'core’s tests stay in core',
    of: file => file.startsWith('core/') && isTest(file),
    refuses: to => /^(data|web|demo|tests)\/|^@fair-tin\//.test(to),
  },
  {
    name: 'data does not know the web',
    of: file => file.startsWith('data/'),
    refuses: to => /^(web|demo|tests)\/|^@fair-tin\/(web|demo)|^(next|react)(\/|$)/.test(to),
  },
  {
    name: 'the web does not know the demo',
    of: file => file.startsWith('web/') && !isTest(file),
    refuses: to => /^(demo|tests)\/|^@fair-tin\/demo/.test(to),
  },
  {
    name: 'nothing imports the web',
    of: file => !/^(web|tests)\//.test(file),
    refuses: to => /^web\/|^@fair-tin\/web/.test(to),
  },
  {
    name: 'a workspace is entered by its front door',
    of: file => !/^tests\//.test(file),
    refuses: (to, file) => /^(core|data)\//.test(to) && to.split('/')[0] !== file.split('/')[0],
  },
  {
    name: 'screens reach the database through actions',
    of: file => /^web\/(screens|ui|label|workers)\//.test(file) && !/(actions|save|fromRequest)\.ts$/.test(file),
    refuses: (to, _, typeOnly) => /^@fair-tin\/data|^postgres$/.test(to) && !typeOnly,
  },
]

/** Every import in a source text: what is asked for, and whether only for its types. */
export function importsOf(text, file) {
  const tree = parseSync(text, { syntax: 'typescript', tsx: file.endsWith('x'), target: 'es2022' })
  const found = tree.body
    .filter(item => item.source)
    .map(item => ({
      to: item.source.value,
      typeOnly: item.typeOnly === true || (item.specifiers?.length > 0 && item.specifiers.every(one => one.isTypeOnly)),
    }))
  for (const [, to] of text.matchAll(/\bimport\(\s*['"]([^'"]+)['"]\s*\)/g)) found.push({ to, typeOnly: false })
  return found
}

/** What a file's imports break, in words. */
export function broken(file, text) {
  const said = []
  for (const { to, typeOnly } of importsOf(text, file)) {
    const target = to.startsWith('.') ? path.posix.normalize(path.posix.join(path.posix.dirname(file), to)) : to
    for (const rule of rules)
      if (rule.of(file) && rule.refuses(target, file, typeOnly)) said.push(`${file} imports ${to}: ${rule.name}`)
  }
  return said
}

function* sources(folder) {
  for (const entry of readdirSync(path.join(root, folder), { withFileTypes: true })) {
    const file = `${folder}/${entry.name}`
    if (entry.isDirectory()) {
      if (!/^(\.next|node_modules)/.test(entry.name)) yield* sources(file)
    } else if (/\.tsx?$/.test(entry.name)) yield file
  }
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) {
  const said = ['core', 'data', 'web', 'demo', 'tests']
    .flatMap(folder => [...sources(folder)])
    .flatMap(file => broken(file, readFileSync(path.join(root, file), 'utf8')))
  for (const line of said) console.log(line)
  process.exit(said.length === 0 ? 0 : 1)
}
