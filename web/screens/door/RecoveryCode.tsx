// The one thing that lets somebody in again who lost their password: shown once.
'use client'
import { DoorStep } from './DoorStep'

export const RecoveryCode = ({ code, to }: { code: string; to: string }) => (
  <DoorStep title="Print this, or write it down">
    <p className="mb-3">
      If you ever lose your password, this code lets you set a new one. It is shown now and never again; nobody can look
      it up for you. Keep it with the bakery’s papers, away from this computer.
    </p>
    <p className="mb-4 rounded-lg border-2 border-hair p-3 text-center font-figure text-[17px]">{code}</p>
    <div className="flex gap-3 print:hidden">
      <button type="button" className="do" onClick={() => window.print()}>
        Print it
      </button>
      <button type="button" className="do do-first" onClick={() => window.location.assign(to)}>
        I have it: go on
      </button>
    </div>
  </DoorStep>
)
