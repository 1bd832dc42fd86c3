// Starts an ingredient from the starter shelf: its measures, kind and typical nutrition; its allergens stay to be answered.
'use client'
import { alsoCalled, shelfGroups, starterShelf } from '@fair-tin/core/ingredient'
import type { Ingredient } from '@fair-tin/core/model'
import { Command } from 'cmdk'
import { Modal } from '../../ui/Modal'

export function ShelfPick({ onPick, onClose }: { onPick: (ingredient: Ingredient) => void; onClose: () => void }) {
  return (
    <Modal
      open
      onClose={onClose}
      title="From the starter shelf"
      lead="Measures and nutrition are typical values, from memory: replace them with your supplier’s. Allergens stay unknown until somebody answers for them."
    >
      <Command label="Starter shelf" loop>
        <Command.Input autoFocus placeholder="By any name it goes by" className="field mb-2 h-[36px]" />
        <Command.List className="max-h-[50dvh] overflow-auto">
          <Command.Empty className="px-3 py-4 text-quiet">Not on the shelf. Enter it by hand.</Command.Empty>
          {shelfGroups.map(group => (
            <Command.Group
              key={group}
              heading={group}
              className="pt-2 [&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:text-[13px] [&_[cmdk-group-heading]]:text-quiet"
            >
              {starterShelf
                .filter(one => one.group === group)
                .map(({ ingredient }) => (
                  <Command.Item
                    key={ingredient.id}
                    value={ingredient.name}
                    keywords={[...alsoCalled(ingredient.name)]}
                    className="cursor-pointer rounded px-3 py-1 data-[selected=true]:bg-navy data-[selected=true]:text-white pointer-coarse:py-3"
                    onSelect={() => onPick(ingredient)}
                  >
                    {ingredient.name}
                  </Command.Item>
                ))}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
    </Modal>
  )
}
