// The lid's method: the steps in order, with their times and heat.
'use client'
import type { LidProps } from './Lid'

const whenName = { ahead: 'Ahead', bench: 'At the bench', oven: 'In the oven', after: 'After' }
export function MethodFace({ recipe, product }: LidProps) {
  return (
    <>
      <Steps steps={recipe.steps} />
      <p className="mt-3 text-[13px] text-quiet">
        <a href={`/products/${product.id}/recipe.json`} download className="underline">
          Save the recipe as a file
        </a>{' '}
        that other programs read (schema.org, JSON-LD). Proof, prices and claims stay here.
      </p>
    </>
  )
}

function Steps({ steps }: Pick<LidProps['recipe'], 'steps'>) {
  if (steps.length === 0)
    return <p className="text-quiet">No method is written down yet. Add it under “Edit the recipe”.</p>
  return (
    <ol className="space-y-2">
      {steps.map((step, at) => (
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
