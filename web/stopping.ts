// Is this process being stopped? What runs is finished, and nobody keeps the line open for more.
let stopping = false
process.once('SIGTERM', () => {
  stopping = true
})
export const isStopping = (): boolean => stopping
