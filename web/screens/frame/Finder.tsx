// Finds anything by any of its names, on `/`.
'use client'
import type { Findable } from '@fair-tin/data'
import { Command } from 'cmdk'
import { Search } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import { Modal } from '../../ui/Modal'
import { isTyping } from './KeyHelp'
import { useFound } from './useFound'

const places: Record<Findable['kind'], { title: string; at: (id: string) => string; does: string }> = {
  product: { title: 'Products', at: id => `/products/${id}`, does: 'open the bench' },
  recipe: { title: 'Recipes and parts', at: id => `/parts/${id}`, does: 'open the bench' },
  ingredient: { title: 'Larder', at: id => `/larder/${id}`, does: 'open its sheet' },
}
/** Where choosing it leads; it is also what the row goes by. */
const addressOf = (thing: Findable): string => places[thing.kind].at(thing.id)
const doings = [
  { name: 'Today: what needs you', at: '/' },
  { name: 'Paste a recipe', at: '/recipes/new' },
  { name: 'New ingredient', at: '/larder/new' },
  { name: 'Take in a price list', at: '/larder/prices' },
  { name: 'Kitchen: cross-contact and proof', at: '/kitchen' },
]

export function Finder() {
  const [open, setOpen] = useState(false)
  const [typed, setTyped] = useState('')
  const [pointed, setPointed] = useState('')
  const { found, problem, settled } = useFound(typed, open)
  /** Enter was pressed before the answer came: the first of it is meant. */
  const chosen = useRef(false)
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
  const close = () => {
    setOpen(false)
    setTyped('')
    setPointed('')
    chosen.current = false
  }
  const go = (address: string) => {
    close()
    router.push(address)
  }
  const doing = doings.filter(one => one.name.toLowerCase().includes(typed.trim().toLowerCase()))
  const groups = (['product', 'recipe', 'ingredient'] as const)
    .map(kind => ({ kind, things: found.filter(thing => thing.kind === kind) }))
    .filter(group => group.things.length > 0)
  const addresses = [...groups.flatMap(group => group.things.map(addressOf)), ...doing.map(one => one.at)]
  // what was pointed at may be gone with the next answer: then it is the first
  const chosenAddress = addresses.includes(pointed) ? pointed : (addresses[0] ?? '')
  useEffect(() => {
    if (!settled || !chosen.current) return
    chosen.current = false
    if (chosenAddress) go(chosenAddress)
  })
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
      <Modal open={open} onClose={close} title="Find anything">
        <Command label="Find anything" loop shouldFilter={false} value={chosenAddress} onValueChange={setPointed}>
          <Command.Input
            autoFocus
            placeholder="By any name it goes by"
            className="field mb-2 h-[36px]"
            value={typed}
            maxLength={60}
            onValueChange={value => {
              chosen.current = false
              setTyped(value)
            }}
            onKeyDown={event => {
              if (event.key !== 'Enter' || event.nativeEvent.isComposing) return
              event.preventDefault()
              event.stopPropagation()
              if (!settled) chosen.current = true
              else if (chosenAddress) go(chosenAddress)
            }}
          />
          <Command.List className="max-h-[50dvh] overflow-auto">
            {problem && (
              <p role="alert" className="px-3 py-2 text-breaks">
                {problem}
              </p>
            )}
            {settled && !problem && found.length + doing.length === 0 && (
              <p role="status" className="px-3 py-4 text-quiet">
                Nothing by that name. A new thing starts in the Larder; a new recipe is pasted.
              </p>
            )}
            {groups.map(({ kind, things }) => (
              <Command.Group key={kind} heading={places[kind].title} className={heading}>
                {things.map(thing => (
                  <Command.Item
                    key={thing.id}
                    value={addressOf(thing)}
                    className={item}
                    onSelect={() => go(addressOf(thing))}
                  >
                    <span>{thing.name}</span>
                    <span className="opacity-70">{places[kind].does}</span>
                  </Command.Item>
                ))}
              </Command.Group>
            ))}
            {doing.length > 0 && (
              <Command.Group heading="Do" className={heading}>
                {doing.map(one => (
                  <Command.Item key={one.at} value={one.at} className={item} onSelect={() => go(one.at)}>
                    {one.name}
                  </Command.Item>
                ))}
              </Command.Group>
            )}
          </Command.List>
        </Command>
      </Modal>
    </>
  )
}
