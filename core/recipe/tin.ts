// What a tin holds, and how a batch moves from one tin to another.
import type { Tin } from '../model/tin'

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
