// Off the main thread: the order of a day's bakes that needs least cleaning and heating.
import { bestOrder, type Cleaning, type DayOrder, type OrderBake } from '@fair-tin/core/plan'
import { expose } from 'comlink'

const plan = { best: (bakes: OrderBake[], rules: Cleaning): DayOrder => bestOrder(bakes, rules) }
export type PlanWorker = typeof plan
expose(plan)
