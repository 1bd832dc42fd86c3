/** The address a request came from, as whatever stands directly in front of this process says. */
export const cameFrom = (headers: Headers): string =>
  headers.get('x-forwarded-for')?.split(',').at(-1)?.trim() || 'nowhere'
