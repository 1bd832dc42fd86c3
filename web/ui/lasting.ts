/** Minutes as they are said: "45 min", "1 h 30 min". */
export const lasting = (minutes: number): string =>
  minutes < 90 ? `${minutes} min` : `${Math.floor(minutes / 60)} h${minutes % 60 ? ` ${minutes % 60} min` : ''}`
