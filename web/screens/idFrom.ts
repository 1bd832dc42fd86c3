// Ids of new things, readable and never the same twice: also where the address is not a safe one, as on a tablet in the kitchen.
import { v4 } from 'uuid'

/** An id from a name: "Damson & buckwheat slice" becomes "damson-buckwheat-slice-x3f9". */
export function idFrom(name: string): string {
  const stem = name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40)
  return `${stem || 'item'}-${v4().slice(0, 8)}`
}
