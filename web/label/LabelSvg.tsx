// A laid-out label on screen, true to the millimetre when printed.
import { draftMark, draftOpacity, draftPlace, draftStroke } from './draftMark'
import type { LabelLayout } from './layout'

export function LabelSvg({
  layout,
  trueSize = false,
  draft = false,
  pictureAt = id => `/api/v1/pictures/${id}`,
  font = 'Archivo Label',
}: {
  layout: LabelLayout
  trueSize?: boolean
  /** The address of a picture, by its id. */
  pictureAt?: (id: string) => string
  font?: string
  /** Nobody signed it as it stands: it is printed with a mark. */
  draft?: boolean
}) {
  return (
    <svg
      viewBox={`0 0 ${layout.width} ${layout.height}`}
      {...(trueSize ? { width: `${layout.width}mm`, height: `${layout.height}mm` } : { width: '100%' })}
      role="img"
      aria-label={`Label, ${layout.width} by ${layout.height} mm`}
      data-label
      style={{
        fontFamily: `'${font}'`,
        fontKerning: 'none',
        fontVariantLigatures: 'none',
        background: '#fff',
        display: 'block',
      }}
    >
      <title>{`Label, ${layout.width} by ${layout.height} mm`}</title>
      {/* by their place in the list: what moves is moved, not taken away and made anew */}
      {layout.rules.map((rule, at) => (
        <line key={at} x1={rule.x1} x2={rule.x2} y1={rule.y} y2={rule.y} stroke="#000" strokeWidth={rule.weight} />
      ))}
      {layout.boxes.map((box, at) => (
        <rect
          key={at}
          x={box.x}
          y={box.y}
          width={box.width}
          height={box.height}
          fill="none"
          stroke="#000"
          strokeWidth={box.weight}
        />
      ))}
      {layout.images.map(one => (
        <image key={one.id} href={pictureAt(one.id)} x={one.x} y={one.y} width={one.width} height={one.height} />
      ))}
      {layout.fills.map((fill, at) => (
        <rect key={at} x={fill.x} y={fill.y} width={fill.width} height={fill.height} fill="#000" />
      ))}
      {layout.rings.map((ring, at) => (
        <circle key={at} cx={ring.x} cy={ring.y} r={ring.r} fill="none" stroke="#000" strokeWidth={ring.weight} />
      ))}
      {layout.texts.map((text, at) => (
        <text
          key={at}
          x={text.x}
          y={text.y}
          fontSize={text.size}
          fontWeight={text.bold ? 700 : 400}
          fill={text.inverse ? '#fff' : '#000'}
          xmlSpace="preserve"
        >
          {text.text}
        </text>
      ))}
      {draft && <DraftMark layout={layout} />}
    </svg>
  )
}

function DraftMark({ layout }: { layout: LabelLayout }) {
  const { paths, scale, colour } = draftMark(layout)
  const { x, y, lean } = draftPlace(layout)
  return (
    <g data-draft transform={`translate(${x} ${y}) rotate(${-lean})`} opacity={draftOpacity}>
      {paths.map(one => (
        <path
          key={one.x}
          d={one.d}
          transform={`translate(${one.x} 0) scale(${scale})`}
          fill="none"
          stroke={`rgb(${colour.map(part => Math.round(part * 255)).join(' ')})`}
          strokeWidth={draftStroke}
        />
      ))}
    </g>
  )
}
