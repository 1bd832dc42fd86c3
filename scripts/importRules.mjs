// The direction of imports: core ← data ← web; demo and tests stand outside; nothing imports the web. Inside core rooms stand
// on floors. Types count too, also for circles in core (Biome's noImportCycles sees only what runs).
// Reads every source with a real parser.
import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { parseSync } from '@swc/core'
import { root } from './install.mjs'

/** Rooms of core from the ground up: a room knows only rooms on floors below its own, never a neighbour. */
export const floors = [
  ['words'],
  ['model'],
  ['measure', 'market', 'edit'],
  ['ingredient'],
  ['recipe'],
  ['allergen', 'nutrition', 'cost', 'exchange'],
  ['claim', 'reading'],
  ['label'],
  ['assess'],
  ['seal'],
  ['batch', 'plan'],
  ['practice'],
  ['index'],
]
const roomOf = file => /^core\/(\w+)/.exec(file)?.[1]
const floorOf = file => floors.findIndex(rooms => rooms.includes(roomOf(file)))

/** `uk` of core/market/uk/words.ts. */
const marketOf = file => /^core\/market\/(\w+)(?:\/|$)/.exec(file)?.[1]?.match(/^(?:european|[a-z]{2,3})$/)?.[0]
const takesEuropean = file => ['uk', 'eu'].includes(marketOf(file))

const isTest = file => /\.test\.tsx?$/.test(file)
/** Each rule: which files it is about, and which imports it refuses. An import is a path in the project or a package name. */
export const rules = [
  {
    name: 'core imports only zod, big.js and d3-random',
    of: file => file.startsWith('core/') && !isTest(file),
    refuses: to => !/^core\/|^(zod|big\.js|d3-random)(\/|$)/.test(to),
  },
  {
    name: 'core stands on floors, and a room knows only those below it (see `floors`)',
    of: file => file.startsWith('core/') && !isTest(file),
    refuses: (to, file) =>
      to.startsWith('core/') &&
      (floorOf(file) < 0 || floorOf(to) < 0 || (roomOf(to) !== roomOf(file) && floorOf(to) >= floorOf(file))),
  },
  {
    name: 'a market’s folder takes from no other market’s: what is shared stands in market/european, by name',
    of: file => marketOf(file) !== undefined,
    refuses: (to, file) =>
      marketOf(to) !== undefined &&
      marketOf(to) !== marketOf(file) &&
      !(takesEuropean(file) && marketOf(to) === 'european'),
  },
  {
    name: 'nobody but core/market/market.ts knows one market’s pack',
    of: file => marketOf(file) === undefined && file !== 'core/market/market.ts',
    refuses: to => marketOf(to) !== undefined && marketOf(to) !== 'european',
  },
  {
    name: 'inside core a file is named, not a room’s index',
    of: file => file.startsWith('core/') && file !== 'core/index.ts',
    refuses: to => /^core\/\w+(\/index)?$/.test(to),
  },
  {
    name: 'core’s tests stay in core, and among the fixtures',
    of: file => file.startsWith('core/') && isTest(file),
    refuses: to => /^(data|web|demo)\/|^tests\/(?!fixtures\/)|^@fair-tin\//.test(to),
  },
  {
    name: 'the application asks core by room',
    of: file => /^(web|data)\//.test(file) && !isTest(file),
    refuses: to => to === '@fair-tin/core',
  },
  {
    name: 'data does not know the web',
    of: file => file.startsWith('data/') && !isTest(file),
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

const targetOf = (to, file) =>
  to.startsWith('.') ? path.posix.normalize(path.posix.join(path.posix.dirname(file), to)) : to

/** Files that import each other in a circle, types included; each circle once. `sourcesByFile`: text by path. */
export function circles(sourcesByFile) {
  const arrows = new Map(
    [...sourcesByFile].map(([file, text]) => [
      file.replace(/\.tsx?$/, ''),
      importsOf(text, file).map(({ to }) => targetOf(to, file)),
    ]),
  )
  const done = new Set()
  const found = []
  const visit = (file, way) => {
    if (way.includes(file)) found.push([...way.slice(way.indexOf(file)), file].join(' → '))
    else if (!done.has(file) && arrows.has(file)) {
      for (const to of arrows.get(file)) visit(to, [...way, file])
      done.add(file)
    }
  }
  for (const file of arrows.keys()) visit(file, [])
  return found
}

/** What a file's imports break, in words. */
export function broken(file, text) {
  const said = []
  for (const { to, typeOnly } of importsOf(text, file)) {
    const target = targetOf(to, file)
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
  const texts = new Map(
    ['core', 'data', 'web', 'demo', 'tests']
      .flatMap(folder => [...sources(folder)])
      .map(file => [file, readFileSync(path.join(root, file), 'utf8')]),
  )
  const said = [
    ...[...texts].flatMap(([file, text]) => broken(file, text)),
    ...circles(new Map([...texts].filter(([file]) => file.startsWith('core/') && !isTest(file)))).map(
      circle => `a circle: ${circle}`,
    ),
  ]
  for (const line of said) console.log(line)
  process.exit(said.length === 0 ? 0 : 1)
}
