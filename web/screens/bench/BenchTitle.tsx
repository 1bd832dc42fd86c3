// The head of the bench: the name, edited in place, what is saved, and the ways to versions and trials.
import { refusedIn } from '@fair-tin/core/edit'
import type { Product, Recipe } from '@fair-tin/core/model'
import { toPlaces } from '@fair-tin/core/words'
import { SaveLine } from './saving/SaveLine'
import type { useBenchEdits } from './saving/useBenchEdits'
import { InPlace } from './typed/InPlace'
import type { Hands } from './typed/useTyped'

interface Props {
  product: Product
  recipe: Recipe
  /** Whether a part stands on the bench instead of a product. */
  part: boolean
  edits: ReturnType<typeof useBenchEdits>
  hands: Hands
  onVersions: () => void
  onTrials: () => void
}

export function BenchTitle({ product, recipe, part, edits, hands, onVersions, onTrials }: Props) {
  const title = part ? recipe.name : product.name
  return (
    <div className="mr-auto min-w-0 max-w-full">
      <h1 className="text-[27px] leading-tight break-words">
        <InPlace
          label={part ? 'Name of the part' : 'Name of the product'}
          text={title}
          hands={hands}
          maxLength={200}
          className="-ml-1 text-left"
          inputClass="!h-[36px] sm:min-w-96"
          read={typed => {
            const name = typed.trim()
            const refused = refusedIn('name', name)
            if (refused) return { problem: refused }
            if (part) return { edits: [{ kind: 'name', was: recipe.name, to: name }] }
            return {
              edits: [
                { kind: 'product', field: 'name', was: product.name, to: name },
                // a recipe that goes by the product's name keeps going by it
                ...(recipe.name === product.name ? [{ kind: 'name' as const, was: recipe.name, to: name }] : []),
              ],
            }
          }}
        >
          {title}
        </InPlace>
      </h1>
      <p className="text-[13px] text-quiet">
        <SaveLine edits={edits} />
        {part ? ', a part' : recipe.name !== product.name && `, ${recipe.name}`} ·{' '}
        <button type="button" className="word-link" onClick={onVersions}>
          Versions
        </button>{' '}
        ·{' '}
        <button type="button" className="word-link" onClick={onTrials}>
          Trials
        </button>{' '}
        ·{' '}
        {recipe.bakeLoss === undefined
          ? 'bake loss not known, taken as none'
          : `bake loss ${Number(toPlaces(recipe.bakeLoss * 100, 1))} %, ${recipe.bakeWeighed ? 'weighed' : 'assumed'}`}
      </p>
    </div>
  )
}
