// The order of fourteen bakes beside an integer programme in a general solver, and of a hundred beside a bound. Prints times and
// ratios; judges nothing.
import highs from 'highs'
import { usualCleaning } from '../../core/plan/changeover'
import { bestOrder } from '../../core/plan/order'
import { drawnDay, programmeOf } from '../fixtures/planProgramme'

const solver = await highs()
const timed = <T>(work: () => T): [T, number] => {
  const began = performance.now()
  const made = work()
  return [made, performance.now() - began]
}
/** The solver is stopped after so many seconds: its best so far is said. */
const patience = 120
for (const many of [8, 10, 14]) {
  const bakes = drawnDay(many, 4242)
  const [ours, ms] = timed(() => bestOrder(bakes))
  const [theirs, solverMs] = timed(() => solver.solve(programmeOf(bakes, usualCleaning), { time_limit: patience }))
  console.log(
    `${String(many).padStart(3)} bakes: ${ms.toFixed(1)} ms, cost ${ours.cost.toFixed(2)}${ours.exact ? ', exact' : ''}; solver ${solverMs.toFixed(0)} ms (${theirs.Status}), cost ${theirs.ObjectiveValue?.toFixed(2)}; ${(solverMs / ms).toFixed(0)} times as fast`,
  )
}
const hundred = drawnDay(100, 99)
const [order, ms] = timed(() => bestOrder(hundred))
// every bake but the first is wiped down before at least
const bound = usualCleaning.wipe * 99
console.log(
  `100 bakes: ${ms.toFixed(0)} ms, cost ${order.cost.toFixed(1)}${order.exact ? ', exact' : ''}; no order costs less than ${bound} (a wipe each)`,
)
