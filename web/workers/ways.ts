// Off the main thread: the ways to make a claim hold.
import { waysToMend } from '@fair-tin/core/assess'
import { expose } from 'comlink'

const ways = { find: waysToMend }
export type WaysWorker = typeof ways
expose(ways)
