// The label as it would print, with its blocks on a grid: moved by mouse, finger or arrow keys, sized at their corner or with Shift.
'use client'
import { type LabelBlock, type LabelBlockKind, labelBlockName } from '@fair-tin/core/model'
import { capital } from '@fair-tin/core/words'
import { useRef } from 'react'
import { mergeProps, useMove } from 'react-aria'
import { LabelSvg } from '../../../label/LabelSvg'
import type { LabelLayout } from '../../../label/layout'
import { moved, sized } from './draft'

interface Size {
  width: number
  height: number
}

export function Canvas({
  size,
  blocks,
  laid,
  over,
  chosen,
  onChoose,
  onChange,
  wide,
}: {
  size: Size
  blocks: readonly LabelBlock[]
  /** Null: it cannot be set at all. */
  laid: LabelLayout | null
  /** Blocks too small for what they hold. */
  over: readonly LabelBlockKind[]
  chosen: LabelBlockKind | null
  onChoose: (kind: LabelBlockKind) => void
  onChange: (block: LabelBlock) => void
  /** Pixels. */
  wide: number
}) {
  const scale = wide / size.width
  return (
    <div
      className="relative shrink-0 border border-hair bg-white"
      style={{ width: wide, height: size.height * scale }}
      data-canvas
    >
      {laid && <LabelSvg layout={laid} />}
      {blocks.map(block => (
        <Block
          key={block.kind}
          block={block}
          size={size}
          scale={scale}
          isOver={over.includes(block.kind)}
          isChosen={chosen === block.kind}
          onChoose={() => onChoose(block.kind)}
          onChange={onChange}
        />
      ))}
    </div>
  )
}

/** What is pulled, in millimetres, from where the pull began; arrow keys step by half a millimetre, or by two. */
function usePull(
  block: LabelBlock,
  scale: number,
  onPull: (from: LabelBlock, dx: number, dy: number, shift: boolean) => void,
) {
  const began = useRef({ block, x: 0, y: 0 })
  return useMove({
    onMoveStart: () => {
      began.current = { block, x: 0, y: 0 }
    },
    onMove: ({ deltaX, deltaY, pointerType, shiftKey, ctrlKey }) => {
      if (pointerType === 'keyboard') {
        const step = ctrlKey ? 2 : 0.5
        onPull(block, deltaX * step, deltaY * step, shiftKey)
        return
      }
      began.current.x += deltaX
      began.current.y += deltaY
      onPull(began.current.block, began.current.x / scale, began.current.y / scale, false)
    },
  }).moveProps
}

function Block({
  block,
  size,
  scale,
  isOver,
  isChosen,
  onChoose,
  onChange,
}: {
  block: LabelBlock
  size: Size
  scale: number
  isOver: boolean
  isChosen: boolean
  onChoose: () => void
  onChange: (block: LabelBlock) => void
}) {
  const move = usePull(block, scale, (from, dx, dy, shift) => onChange((shift ? sized : moved)(from, dx, dy, size)))
  const grow = usePull(block, scale, (from, dx, dy) => onChange(sized(from, dx, dy, size)))
  const name = labelBlockName[block.kind]
  const { x, y, width, height } = block
  return (
    <div
      className="absolute"
      style={{ left: x * scale, top: y * scale, width: width * scale, height: height * scale }}
      data-block={block.kind}
    >
      <button
        type="button"
        {...mergeProps(move, { onFocus: onChoose })}
        aria-label={`${capital(name)}: ${x} mm from the left, ${y} mm from the top, ${width} × ${height} mm. Arrow keys move it, with Shift they size it.`}
        aria-pressed={isChosen}
        className={`absolute inset-0 cursor-move touch-none border-2 ${
          isOver ? 'border-breaks bg-breaks-wash/40' : isChosen ? 'border-damson' : 'border-quiet/40 border-dashed'
        }`}
      >
        {isChosen && (
          <span className="absolute -top-[18px] left-0 whitespace-nowrap bg-damson px-1 text-[11.5px] text-white">
            {name}
          </span>
        )}
      </button>
      {isChosen && (
        <div
          {...grow}
          aria-hidden="true"
          data-grip
          className="absolute -right-2.5 -bottom-2.5 size-5 cursor-nwse-resize touch-none rounded-full border-2 border-white bg-damson"
        />
      )}
    </div>
  )
}
