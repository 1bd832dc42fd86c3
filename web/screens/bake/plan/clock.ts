// The time of day as a clock shows it.
/** Minutes after midnight; null where it is no time. */
export const minutesOf = (clock: string): number | null => {
  const found = /^(\d{1,2}):(\d{2})$/.exec(clock)
  return found ? Number(found[1]) * 60 + Number(found[2]) : null
}
/** "06:35", so many minutes after the day began. */
export const clockAt = (begins: number, minutes: number): string => {
  const at = Math.round(begins + minutes)
  return `${String(Math.floor(at / 60) % 24).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}${at >= 1440 ? ' next day' : ''}`
}
