// What a tin holds, and how a batch moves from one tin to another.
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

/** Base area in cm²; for a tray of cups, the volume to the usual two-thirds line over a 3 cm depth. */
export function baseArea(tin: Tin): number {
  switch (tin.shape) {
    case 'round':
      return Math.PI * (tin.diameter / 2) ** 2
    case 'ring':
      return Math.PI * ((tin.diameter / 2) ** 2 - (tin.hole / 2) ** 2)
    case 'square':
      return tin.side ** 2
    case 'rectangle':
    case 'loaf':
      return tin.length * tin.width
    case 'cups':
      return (tin.count * tin.volumeMl * (2 / 3)) / 3
  }
}

/** Brim volume in ml. */
export const tinVolume = (tin: Tin): number =>
  tin.shape === 'cups' ? tin.count * tin.volumeMl : baseArea(tin) * tin.depth

/**
 * How many times the batter for `from` fills `tins` of `to` to the same depth.
 * An 8 in square and a 9 in round differ by less than 1 % (common practice).
 */
export const tinFactor = (from: Tin, to: Tin, tins = 1): number => (tins * baseArea(to)) / baseArea(from)

/** A ring whose hole is as wide as the ring holds nothing; null where the tin can be. */
export const impossible = (tin: Tin): string | null =>
  tin.shape === 'ring' && tin.hole >= tin.diameter ? 'The hole is as wide as the ring: nothing fits between.' : null

/** `depth`: the batter stands as high as in the tin it was written for. `fill`: it takes the same share of the room. */
export type TinRule = 'depth' | 'fill'
/** What a tin takes by that rule, in cm² or ml: only ratios between two of them mean anything. */
export const tinRoom = (tin: Tin, rule: TinRule): number => (rule === 'depth' ? baseArea(tin) : tinVolume(tin))

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
