// Calendar days: ISO dates without a clock or a time zone.
export const englishMonths: readonly string[] = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
]
const dayMs = 86_400_000

/** "2026-11-27", so many days after an ISO date. */
export const daysAfter = (iso: string, days: number): string =>
  new Date(Date.parse(`${iso}T00:00:00Z`) + days * dayMs).toISOString().slice(0, 10)

/** The same day so many years on; 29 February becomes the 28th. */
export function yearsAfter(iso: string, years: number): string {
  const [year, month, day] = iso.split('-')
  const later = `${String(Number(year) + years).padStart(4, '0')}-${month}-${day}`
  return daysAfter(later, 0) === later ? later : `${later.slice(0, 8)}28`
}

/** "November" for an ISO date. */
export const monthName = (iso: string): string => englishMonths[Number(iso.slice(5, 7)) - 1]!

/** "27 November 2026" for an ISO date. */
export function spokenDay(iso: string): string {
  const [year, , day] = iso.split('-').map(Number)
  return `${day} ${monthName(iso)} ${year}`
}
