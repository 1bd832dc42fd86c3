// What a label says, part by part.
import type { Said } from '@fair-tin/core/seal'
import { capital } from '@fair-tin/core/words'
import { Words } from '../stateWords'

export const Parts = ({ says }: { says: readonly Said[] }) => (
  <dl>
    {says.map(one => (
      <div key={one.part} className="border-b border-hair/60 py-1.5 last:border-0">
        <dt className="text-[13px] text-quiet">{capital(one.part)}</dt>
        <dd>
          <Words>{one.words}</Words>
        </dd>
      </div>
    ))}
  </dl>
)
