// Finds anything by any of its names, on `/`.
'use client'
import { alsoCalled } from '@fair-tin/core/ingredient'
import type { Findable } from '@fair-tin/data'
import { Command } from 'cmdk'
import { Search } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import { Modal } from '../../ui/Modal'
import { isTyping } from './KeyHelp'

const places: Record<Findable['kind'], { title: string; at: (id: string) => string; does: string }> = {
  product: { title: 'Products', at: id => `/products/${id}`, does: 'open the bench' },
  recipe: { title: 'Recipes and parts', at: id => `/parts/${id}`, does: 'open the bench' },
  ingredient: { title: 'Larder', at: id => `/larder/${id}`, does: 'open its sheet' },
}
const doings = [
  { name: 'Today: what needs you', at: '/' },
  { name: 'Paste a recipe', at: '/recipes/new' },
  { name: 'New ingredient', at: '/larder/new' },
  { name: 'Take in a price list', at: '/larder/prices' },
  { name: 'Kitchen: cross-contact and proof', at: '/kitchen' },
]

export function Finder({ things }: { things: Findable[] }) {
  const [open, setOpen] = useState(false)
  const router = useRouter()
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== '/' || isTyping(event)) return
      event.preventDefault()
      setOpen(true)
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
  const go = (address: string) => {
    setOpen(false)
    router.push(address)
  }
  const item =
    'flex cursor-pointer justify-between gap-3 rounded px-3 py-1.5 data-[selected=true]:bg-navy data-[selected=true]:text-white pointer-coarse:py-3'
  const heading =
    'pt-2 [&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:text-[13px] [&_[cmdk-group-heading]]:text-quiet'
  return (
    <>
      <button
        type="button"
        onClick={() => setOpen(true)}
        className="flex min-h-[32px] w-full max-w-[330px] items-center gap-2 rounded-lg border-[1.5px] border-hair bg-pane px-3 text-left text-quiet max-md:w-auto"
      >
        <Search size={15} aria-hidden />
        <span className="max-md:sr-only">Find an ingredient, recipe, product …</span>
        <kbd className="ml-auto rounded border border-hair px-1.5 font-figure text-[12.5px] max-md:hidden">/</kbd>
      </button>
      <Modal open={open} onClose={() => setOpen(false)} title="Find anything">
        <Command label="Find anything" loop>
          <Command.Input autoFocus placeholder="By any name it goes by" className="field mb-2 h-[36px]" />
          <Command.List className="max-h-[50dvh] overflow-auto">
            <Command.Empty className="px-3 py-4 text-quiet">
              Nothing by that name. A new thing starts in the Larder; a new recipe is pasted.
            </Command.Empty>
            {(['product', 'recipe', 'ingredient'] as const).map(kind => (
              <Command.Group key={kind} heading={places[kind].title} className={heading}>
                {things
                  .filter(thing => thing.kind === kind)
                  .map(thing => (
                    <Command.Item
                      key={thing.id}
                      value={`${thing.name} ${thing.also} ${thing.id}`}
                      keywords={[thing.name, thing.also].flatMap(alsoCalled)}
                      className={item}
                      onSelect={() => go(places[kind].at(thing.id))}
                    >
                      <span>{thing.name}</span>
                      <span className="opacity-70">{places[kind].does}</span>
                    </Command.Item>
                  ))}
              </Command.Group>
            ))}
            <Command.Group heading="Do" className={heading}>
              {doings.map(doing => (
                <Command.Item key={doing.at} value={doing.name} className={item} onSelect={() => go(doing.at)}>
                  {doing.name}
                </Command.Item>
              ))}
            </Command.Group>
          </Command.List>
        </Command>
      </Modal>
    </>
  )
}
