// What was answered of a line, in a few words for its row.
import type { Line } from '@fair-tin/core/model'

/** "after the bake, as bought"; nothing where all is as usual. */
export const answersIn = (line: Line): string =>
  [
    line.afterBake ? 'after the bake' : '',
    line.weighed === 'bought' ? 'as bought' : '',
    line.retained === undefined ? '' : `${Math.round(line.retained * 1000) / 10} % stays`,
    line.leavesNothing === undefined ? '' : 'leaves nothing by a record',
    line.sweetens === undefined ? '' : line.sweetens ? 'there to sweeten' : 'not to sweeten',
    line.goesAlong ? 'packed along' : '',
  ]
    .filter(Boolean)
    .join(', ')
