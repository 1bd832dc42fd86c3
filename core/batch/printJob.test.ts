import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { after, type PrintEvent, printJob } from './printJob'

const events: readonly PrintEvent[] = ['start', 'came', 'jam', 'empty', 'cut', 'mended', 'was whole', 'was not']
describe('a job of labels', () => {
  it('is done with as many whole labels on the table as were asked, whatever happens on the way (property)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 30 }),
        fc.array(fc.constantFrom('came', 'jam', 'empty', 'cut late', 'cut early'), { maxLength: 60 }),
        (copies, happens) => {
          let job = after(printJob(copies), 'start')
          // what lies on the table, as somebody who looks would count it
          let [whole, torn] = [0, 0]
          const come = () => {
            whole++
            job = after(job, 'came')
          }
          for (const what of happens) {
            if (job.state === 'done') break
            if (what === 'came') come()
            else if (what === 'jam') {
              torn++
              job = after(after(job, 'jam'), 'mended')
            } else if (what === 'empty') job = after(after(job, 'empty'), 'mended')
            else {
              // the line is lost before or after the label in work came out
              if (what === 'cut late') whole++
              job = after(after(after(job, 'cut'), 'mended'), what === 'cut late' ? 'was whole' : 'was not')
            }
          }
          while (job.state === 'printing') come()
          expect(job).toEqual({ copies, out: copies, spoiled: torn, state: 'done' })
          expect(whole).toBe(copies)
        },
      ),
    )
  })
  it('never counts more than were asked, and what is said twice or out of turn counts for nothing (property)', () => {
    fc.assert(
      fc.property(fc.nat(10), fc.array(fc.constantFrom(...events), { maxLength: 80 }), (copies, said) => {
        let job = printJob(copies)
        for (const one of said) {
          const next = after(job, one)
          expect(next.out - job.out).toBeLessThanOrEqual(1)
          expect(next.out).toBeLessThanOrEqual(copies)
          if (job.state === 'done') expect(next).toBe(job)
          job = next
        }
      }),
    )
  })
})
