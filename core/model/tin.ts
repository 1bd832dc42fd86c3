// A tin by its inside measures, and what it is called.
import { z } from 'zod'

/** How wide, and how deep, in cm: more is a slip of the finger. */
const cm = z
  .number('Give the inside measures in centimetres.')
  .positive('A tin without width or depth holds nothing.')
  .max(300, 'Over three metres? Inside measures are in centimetres.')
/** Inside measures in centimetres. */
export const Tin = z.discriminatedUnion('shape', [
  z.object({ shape: z.literal('round'), diameter: cm, depth: cm }),
  z.object({ shape: z.literal('ring'), diameter: cm, hole: cm, depth: cm }),
  z.object({ shape: z.literal('square'), side: cm, depth: cm }),
  z.object({ shape: z.literal('rectangle'), length: cm, width: cm, depth: cm }),
  z.object({ shape: z.literal('loaf'), length: cm, width: cm, depth: cm }),
  z.object({
    shape: z.literal('cups'),
    count: z
      .number()
      .int('Count whole cups.')
      .positive('A tray has at least one cup.')
      .max(500, 'Over 500 cups in a tray?'),
    volumeMl: z.number('Say what one cup holds, in ml.').positive('A cup holds more than nothing.').max(5000),
  }),
])
/** So many of one tin. */
export const TinCount = z.object({ tin: Tin, count: z.number().int().positive().max(1000) })
export type TinCount = z.infer<typeof TinCount>
export type Tin = z.infer<typeof Tin>

/** "20 cm square tin", "tray of 12". */
export function tinName(tin: Tin): string {
  switch (tin.shape) {
    case 'round':
      return `${tin.diameter} cm round`
    case 'ring':
      return `${tin.diameter} cm ring`
    case 'square':
      return `${tin.side} cm square`
    case 'rectangle':
      return `${tin.length} × ${tin.width} cm`
    case 'loaf':
      return `${tin.length} × ${tin.width} cm loaf`
    case 'cups':
      return `tray of ${tin.count}`
  }
}
