// Money as it is kept: exact decimals, currencies by their three letters.
import { z } from 'zod'

/** An exact decimal, not negative: "3.40". */
export const Decimal = z.string().regex(/^\d{1,9}(\.\d{1,6})?$/, 'Write a price as a number, like 3.40.')
export const Currency = z.string().regex(/^[A-Z]{3}$/, 'Name the currency by its three letters, like GBP.')
