// Off the main thread: the order of a day's bakes that needs least cleaning and heating.
import { bestOrder, type DayOrder, type OrderBake } from '@fair-tin/core/plan'
import { expose } from 'comlink'

const plan = { best: (bakes: OrderBake[]): DayOrder => bestOrder(bakes) }
export type PlanWorker = typeof plan
expose(plan)
