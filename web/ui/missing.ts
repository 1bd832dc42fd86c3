// What a cost is without, in words that can stand behind "without": "the price of teff flour", "the weight of the oil".
export const missing = (why: string): string =>
  why
    .replace(/^no price for (.+)$/, 'the price of $1')
    .replace(/^no weight of (.+?): .*$/, 'the weight of $1')
    .replace(/^the price of (.+) is still to come$/, 'the price of $1, which is still to come')
    .replace(/^(.+) is priced in (\w{3}), and there is no rate to \w{3}$/, 'the price of $1: there is no rate for $2')
    .replace(/^(.+) is no longer in the larder$/, '$1, which is no longer in the larder')
