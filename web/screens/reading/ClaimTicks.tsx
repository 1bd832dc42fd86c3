// What the product is to claim: what its card says is ticked, what else she wants is added.
'use client'
import { type ClaimCode, claimName, type NamedClaim, namedClaims, nameOfClaim } from '@fair-tin/core/model'
import { Choose } from '../../ui/Choose'

/** Offered at once; the others stand in the list. */
const usual: readonly NamedClaim[] = ['glutenFree', 'dairyFree', 'eggFree', 'nutFree', 'vegan']

export function ClaimTicks({
  claims,
  onChange,
}: {
  claims: readonly ClaimCode[]
  onChange: (claims: ClaimCode[]) => void
}) {
  const shown = [...usual, ...claims.filter(claim => !usual.some(one => one === claim))]
  const others = namedClaims.filter(claim => !shown.includes(claim))
  return (
    <fieldset className="flex w-full flex-wrap items-center gap-x-4 gap-y-1" aria-label="It claims">
      <legend className="float-left mr-3 text-quiet">It claims</legend>
      {shown.map(claim => (
        <label key={claim} className="flex items-center gap-1.5">
          <input
            type="checkbox"
            className="size-[20px] accent-damson pointer-coarse:size-[28px]"
            checked={claims.includes(claim)}
            onChange={event =>
              onChange(event.target.checked ? [...claims, claim] : claims.filter(one => one !== claim))
            }
          />
          {nameOfClaim(claim)}
        </label>
      ))}
      {others.length > 0 && (
        <div className="w-40">
          <Choose
            label="Another claim"
            value=""
            placeholder="another claim"
            options={others.map(value => ({ value, label: claimName[value] }))}
            onChange={claim => onChange([...claims, claim as NamedClaim])}
          />
        </div>
      )}
    </fieldset>
  )
}
