// Printing so many labels on a printer that can jam, run out and lose its line: gone on with, no label is lost and none printed twice.
export type PrintState =
  /** `doubt`: the line was lost while a label was on its way: whether it came, only somebody who looks can say. */
  'ready' | 'printing' | 'jam' | 'empty' | 'lost' | 'doubt' | 'done'
export interface PrintJob {
  copies: number
  /** Whole labels that came. */
  out: number
  /** Labels that came torn or half. */
  spoiled: number
  state: PrintState
}
export type PrintEvent = 'start' | 'came' | 'jam' | 'empty' | 'cut' | 'mended' | 'was whole' | 'was not'

export const printJob = (copies: number): PrintJob => ({
  copies,
  out: 0,
  spoiled: 0,
  state: copies > 0 ? 'ready' : 'done',
})
const onwards = (job: PrintJob): PrintJob => ({ ...job, state: job.out >= job.copies ? 'done' : 'printing' })

/** What does not fit the state changes nothing: a printer may say things twice. */
export function after(job: PrintJob, event: PrintEvent): PrintJob {
  switch (`${job.state} ${event}`) {
    case 'ready start':
    case 'empty mended':
    case 'jam mended':
    case 'doubt was not':
      return onwards(job)
    case 'printing came':
    case 'doubt was whole':
      return onwards({ ...job, out: job.out + 1 })
    case 'printing jam':
      return { ...job, spoiled: job.spoiled + 1, state: 'jam' }
    case 'printing empty':
      return { ...job, state: 'empty' }
    case 'printing cut':
      return { ...job, state: 'lost' }
    case 'lost mended':
      return { ...job, state: 'doubt' }
    default:
      return job
  }
}
