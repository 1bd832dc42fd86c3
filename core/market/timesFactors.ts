// Energy factors in another unit: every one of them by the same number.
import type { EnergyFactors } from './rulePack'

/** From kcal to kJ, or back, by what the market counts for one. */
export const timesFactors = ({ eachPolyol, ...factors }: EnergyFactors, by: number): EnergyFactors => {
  const times = <T extends object>(all: T): T =>
    Object.fromEntries(Object.entries(all).map(([code, factor]) => [code, (factor as number) * by])) as T
  return { ...times(factors), eachPolyol: times(eachPolyol) }
}
