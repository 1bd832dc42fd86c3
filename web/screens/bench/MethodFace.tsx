// The lid's method: the steps in order, with their times and heat.
'use client'
import type { LidProps } from './Lid'

const whenName = { ahead: 'Ahead', bench: 'At the bench', oven: 'In the oven', after: 'After' }
export function MethodFace({ recipe }: LidProps) {
  if (recipe.steps.length === 0)
    return <p className="text-quiet">No method is written down yet. Add it under “Edit the recipe”.</p>
  return (
    <ol className="space-y-2">
      {recipe.steps.map((step, at) => (
        <li key={`${at}-${step.text}`} className="border-b border-hair pb-2 last:border-0">
          <span className="block text-[12.5px] text-quiet">
            {whenName[step.when]}
            {step.celsius !== undefined && ` · ${step.celsius} °C${step.fan ? ' fan' : ''}`}
            {step.minutes &&
              ` · ${step.minutes.firstLook ? `first look at ${step.minutes.firstLook} min, ` : ''}${step.minutes.from}${step.minutes.to ? `–${step.minutes.to}` : ''} min`}
            {step.coreCelsius !== undefined && ` · core ${step.coreCelsius} °C`}
          </span>
          {step.text}
        </li>
      ))}
    </ol>
  )
}
