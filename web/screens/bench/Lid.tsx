// The lid: the label as it would print now, the cost, the proof, the method, and what is said about the product.
'use client'
import type { Assessment, Ingredient, Product, Recipe, RulePack, Workbook } from '@fair-tin/core'
import { Tabs } from 'radix-ui'
import type { ComponentType } from 'react'
import { AboutFace } from './AboutFace'
import { CostFace } from './CostFace'
import { LabelFace } from './LabelFace'
import { MethodFace } from './MethodFace'
import { ProofFace } from './ProofFace'
import type { Hands } from './useTyped'

export const lidFaces = ['label', 'cost', 'proof', 'method', 'about'] as const
export type LidFace = (typeof lidFaces)[number]

export interface LidProps {
  face: LidFace
  onTurn: (face: LidFace) => void
  assessment: Assessment
  workbook: Workbook
  product: Product
  recipe: Recipe
  ingredients: Ingredient[]
  productId: string
  pieceName: string
  rules: RulePack
  hands: Hands
}

const faces: Record<LidFace, { name: string; Face: ComponentType<LidProps> }> = {
  label: { name: 'Label', Face: LabelFace },
  cost: { name: 'Cost', Face: CostFace },
  proof: { name: 'Proof', Face: ProofFace },
  method: { name: 'Method', Face: MethodFace },
  about: { name: 'About', Face: AboutFace },
}

export function Lid(props: LidProps) {
  return (
    <Tabs.Root
      value={props.face}
      onValueChange={face => props.onTurn(face as LidFace)}
      className="pane flex min-h-0 flex-col"
    >
      <Tabs.List aria-label="Lid" className="flex overflow-x-auto border-b border-hair">
        {lidFaces.map((face, at) => (
          <Tabs.Trigger
            key={face}
            value={face}
            className="flex items-center gap-1 border-b-[3px] border-transparent px-2.5 py-2 outline-offset-[-3px] data-[state=active]:border-damson data-[state=active]:font-bold data-[state=active]:text-navy pointer-coarse:min-h-[44px]"
          >
            {faces[face].name}
            <kbd className="rounded border border-hair px-1 font-figure text-[11px] text-quiet max-xl:hidden">
              {at + 1}
            </kbd>
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {lidFaces.map(face => {
        const { Face } = faces[face]
        return (
          <Tabs.Content
            key={face}
            value={face}
            className="min-h-0 flex-1 overflow-auto px-4 py-3 outline-offset-[-3px]"
          >
            <Face {...props} />
          </Tabs.Content>
        )
      })}
    </Tabs.Root>
  )
}
