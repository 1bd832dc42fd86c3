// The counter page beside the smallest page the same server has: requests a second, eight at a time, in turns. Prints a ratio.
import { makeCounter } from '@fair-tin/data'
import { bakery } from '../../demo/kitchen'

const address = process.env.FAIR_TIN_ADDRESS ?? 'http://127.0.0.1:3210'
const counter = `${address}/counter/${await makeCounter(bakery.id, 'nell', 'nell')}`
const small = `${address}/sign-in`

async function rate(url: string, ms: number): Promise<number> {
  const until = performance.now() + ms
  let done = 0
  const one = async () => {
    while (performance.now() < until) {
      const answer = await fetch(url)
      if (!answer.ok) throw new Error(`${url}: ${answer.status}`)
      await answer.arrayBuffer()
      done++
    }
  }
  const began = performance.now()
  await Promise.all(Array.from({ length: 8 }, one))
  return (done / (performance.now() - began)) * 1000
}
const bytes = (await (await fetch(counter)).arrayBuffer()).byteLength
const [page, least]: [number[], number[]] = [[], []]
await Promise.all([rate(counter, 500), rate(small, 500)])
for (let turn = 0; turn < 4; turn++) {
  page.push(await rate(counter, 1500))
  least.push(await rate(small, 1500))
}
const middle = (all: number[]) => all.sort((a, b) => a - b)[Math.floor(all.length / 2)]!
console.log(
  `counter page ${middle(page).toFixed(0)} a second (${bytes} bytes), smallest page ${middle(least).toFixed(0)}: ${(middle(page) / middle(least)).toFixed(2)} of it`,
)
process.exit(0)
