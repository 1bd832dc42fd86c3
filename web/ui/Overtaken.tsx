// Somebody else saved first: a plain choice, and nothing lost.
'use client'

export function Overtaken({ said, onMine, onTheirs }: { said: string; onMine: () => void; onTheirs: () => void }) {
  return (
    <div role="alert" className="rounded-lg border-2 border-unproven bg-[#fdf7e8] p-3">
      {said} Yours is still here.{' '}
      <button type="button" className="word-link mr-3" onClick={onMine}>
        Save mine over theirs
      </button>
      <button type="button" className="word-link" onClick={onTheirs}>
        Take theirs instead
      </button>
    </div>
  )
}
