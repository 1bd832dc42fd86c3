// A core probe to practise with: the middle nears the oven's heat as Newton's law has it, with a trembling last place; a minute of
// baking passes in a second.
export interface ProbeReading {
  minutes: number
  celsius: number
}
/** Share of the way to the end that is left goes down by this each minute: a loaf. */
const pace = 0.085
/** From a batter as it is mixed; the water in the middle keeps it from getting much over boiling. */
const [batter, boiling] = [22, 105]

/** So many minutes in the oven at so many degrees. `random`: 0 to 1. */
export function probeAt(minutes: number, oven: number, random: () => number): ProbeReading {
  const end = Math.min(oven, boiling)
  const celsius = end - (end - batter) * Math.exp(-pace * minutes) + (random() - 0.5) * 0.4
  return { minutes, celsius: Math.round(celsius * 10) / 10 }
}
