// The lid: the label as it would print now, the cost, the proof, the method, the batch, the blend, what is said about the product, and
// how sure its nutrition is.
'use client'
import { Tabs } from 'radix-ui'
import { type ComponentType, memo } from 'react'
import { AboutFace } from './AboutFace'
import { BlendFace } from './BlendFace'
import { BatchFace } from './batch/BatchFace'
import { CostFace } from './cost/CostFace'
import { type LidFace, type LidProps, partFaces, productFaces } from './faces'
import { LabelFace } from './LabelFace'
import { MethodFace } from './MethodFace'
import { NutritionFace } from './nutrition/NutritionFace'
import { ProofFace } from './ProofFace'
import { UsesFace } from './UsesFace'

const faces: Record<LidFace, { name: string; Face: ComponentType<LidProps> }> = {
  label: { name: 'Label', Face: LabelFace },
  cost: { name: 'Cost', Face: CostFace },
  proof: { name: 'Proof', Face: ProofFace },
  method: { name: 'Method', Face: MethodFace },
  batch: { name: 'Batch', Face: BatchFace },
  blend: { name: 'Blend', Face: BlendFace },
  about: { name: 'About', Face: AboutFace },
  nutrition: { name: 'Nutrition', Face: NutritionFace },
  uses: { name: 'Goes into', Face: UsesFace },
}

/** Drawn again only where something of it changed. */
export const Lid = memo(function Lid(props: LidProps) {
  const lidFaces = props.goesInto ? partFaces : productFaces
  return (
    <Tabs.Root
      value={props.face}
      onValueChange={face => props.onTurn(face as LidFace)}
      className="pane flex min-h-0 flex-col"
    >
      <Tabs.List aria-label="Lid" className="flex flex-wrap border-b border-hair">
        {lidFaces.map((face, at) => (
          <Tabs.Trigger
            key={face}
            value={face}
            className="flex items-center gap-1 border-b-[3px] border-transparent px-[9px] py-2 max-2xl:px-[5px] max-2xl:text-[13.5px] outline-offset-[-3px] data-[state=active]:border-damson data-[state=active]:font-bold data-[state=active]:text-navy pointer-coarse:min-h-[44px]"
          >
            {faces[face].name}
            <kbd className="rounded border border-hair px-1 font-figure text-[11px] text-quiet max-2xl:hidden">
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
})
