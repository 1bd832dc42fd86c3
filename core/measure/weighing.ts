// Weighing one's own cup, spoon or fruit: an average with its scatter, and what is left after peeling.

export interface Weighed {
  /** Grams. */
  mean: number
  /** Standard deviation of the weighings, grams. */
  scatter: number
  /** Of the mean, 0 up. */
  share: number
  /** Said where the weighings lie far apart: the way of filling differs. */
  doubt: string | null
}

/** More than this share of the mean between weighings, and the way of filling is not the same. Common practice. */
const muchScatter = 0.06

/** The average of two or more weighings in grams; null for fewer, or where one is no weight. */
export function averageOf(weighings: readonly number[]): Weighed | null {
  if (weighings.length < 2 || weighings.some(one => !(one > 0) || !Number.isFinite(one))) return null
  const mean = weighings.reduce((sum, one) => sum + one, 0) / weighings.length
  const variance = weighings.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (weighings.length - 1)
  const scatter = Math.sqrt(variance)
  const share = scatter / mean
  const doubt =
    share > muchScatter
      ? `They scatter by ${Math.round(share * 100)} %: fill the cup the same way each time, and weigh again.`
      : null
  return { mean, scatter, share, doubt }
}

/** Edible share from the weight as bought and the weight that is left; or why it cannot be. */
export function edibleShare(bought: number, left: number): { share: number } | { problem: string } {
  if (!(bought > 0) || !(left > 0)) return { problem: 'Both weighings are more than nothing.' }
  if (left > bought) return { problem: 'There cannot be more left than was bought. Were the two swapped?' }
  return { share: left / bought }
}
