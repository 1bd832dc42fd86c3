// Frozen words without the marks of their emphasis.
export const plainWords = (words: string): string => words.replace(/\*([^*\n]+)\*/g, '$1')
