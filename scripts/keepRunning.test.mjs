import { expect, it } from 'vitest'
import { keepRunning } from './keepRunning.mjs'

const part = () => {
  let end
  const ended = new Promise(done => (end = done))
  return { ended, end, stop: async () => end() }
}
const soon = () => new Promise(done => setTimeout(done, 5))

it('starts again what ends by itself, after longer and longer waits, until it is stopped', async () => {
  const parts = []
  const waits = []
  const said = []
  const kept = await keepRunning(
    'The oven',
    async () => {
      parts.push(part())
      return parts.at(-1)
    },
    text => said.push(text),
    async ms => void waits.push(ms),
  )
  for (let at = 0; at < 8; at++) {
    parts.at(-1).end()
    await soon()
  }
  expect(parts).toHaveLength(9)
  expect(waits).toEqual([200, 400, 800, 1600, 3000, 3000, 3000, 3000])
  expect(said[0]).toBe('The oven ended by itself: starting it again.')
  await kept.stop()
  await soon()
  expect(parts).toHaveLength(9)
})
it('goes on trying where it does not start, but not the first time', async () => {
  await expect(
    keepRunning(
      'x',
      async () => {
        throw new Error('no tin')
      },
      () => {},
    ),
  ).rejects.toThrow('no tin')
  let tries = 0
  const said = []
  const first = part()
  const kept = await keepRunning(
    'The oven',
    async () => {
      if (tries++ === 0) return first
      if (tries < 4) throw new Error('still cold')
      return part()
    },
    text => said.push(text),
    soon,
  )
  first.end()
  for (let at = 0; at < 20 && tries < 4; at++) await soon()
  await soon()
  expect(tries).toBe(4)
  expect(said.filter(text => text.includes('still cold'))).toHaveLength(2)
  await kept.stop()
})
