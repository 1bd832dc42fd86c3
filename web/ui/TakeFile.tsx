// A button that takes one file from the device, or a photograph where that can take one. The same file may be taken again.
'use client'

export function TakeFile({
  children,
  accept,
  camera = false,
  className,
  onTake,
}: {
  children: string
  accept: string
  camera?: boolean
  className: string
  onTake: (file: File) => void
}) {
  return (
    <label className={`cursor-pointer has-[:focus-visible]:outline-3 has-[:focus-visible]:outline-damson ${className}`}>
      {children}
      <input
        type="file"
        className="sr-only"
        accept={accept}
        capture={camera ? 'environment' : undefined}
        onChange={event => {
          const [file] = event.target.files ?? []
          event.target.value = ''
          if (file) onTake(file)
        }}
      />
    </label>
  )
}
