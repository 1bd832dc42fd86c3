// The migrations this version has, each with its checksum.
import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { root } from './install.mjs'

const folder = path.join(root, 'data/migrations')
/** By name. */
export const knownMigrations = () =>
  new Map(
    readdirSync(folder)
      .filter(name => name.endsWith('.sql'))
      .map(name => [
        name,
        createHash('sha256')
          .update(readFileSync(path.join(folder, name)))
          .digest('hex'),
      ]),
  )
