import { useId, useState, type ReactNode } from 'react'
import type { LadderBuild } from '../../api/answers'
import { readPercent } from '../../entry/percent'
import { formatPercent } from '../../format/percent'
import { useOption } from '../OptionContext'

const MOST_STEP_PERCENT = 10
const MOST_RUNGS = 40

type LadderSettingsProps = {
  takePicture: ReactNode
  build: LadderBuild
  setBuild: (build: LadderBuild) => void
  setFrom: (from: LadderBuild['from']) => void
  asTable: boolean
  setAsTable: (asTable: boolean) => void
}

/** How the ladder is built, in a line: step, rungs down and up, from which loan, as picture or table. */
export function LadderSettings({
  takePicture,
  build,
  setBuild,
  setFrom,
  asTable,
  setAsTable,
}: LadderSettingsProps) {
  const { figures } = useOption()
  return (
    <p className="text-soft mt-2 flex flex-wrap items-baseline gap-x-1.5 gap-y-1 text-[0.8125rem]">
      <SmallField
        label="Step between rates"
        text={formatPercent(build.stepPercent)}
        read={(text) => {
          const step = readPercent(text)
          return step.status === 'read' && step.value > 0 && step.value <= MOST_STEP_PERCENT
            ? step.value
            : null
        }}
        take={(stepPercent) => setBuild({ ...build, stepPercent })}
      />
      step,
      <SmallField
        label="Rates below"
        text={String(build.down)}
        read={readRungs}
        take={(down) => setBuild({ ...build, down })}
      />
      below,
      <SmallField
        label="Rates above"
        text={String(build.up)}
        read={readRungs}
        take={(up) => setBuild({ ...build, up })}
      />
      above
      {figures.rateEnd && (
        <button
          type="button"
          className="text-act font-semibold hover:underline"
          onClick={() => setFrom(build.from === 'RENEWAL' ? 'BEGINNING' : 'RENEWAL')}
        >
          {build.from === 'RENEWAL' ? 'show today’s loan' : 'show at renewal'}
        </button>
      )}
      <span className="ml-auto flex gap-x-4">
        <button
          type="button"
          className="text-act font-semibold hover:underline"
          onClick={() => setAsTable(!asTable)}
        >
          {asTable ? 'Show chart' : 'Show table'}
        </button>
        {takePicture}
      </span>
    </p>
  )
}

function readRungs(text: string): number | null {
  const rungs = /^\s*\d{1,2}\s*$/.test(text) ? Number(text) : null
  return rungs !== null && rungs <= MOST_RUNGS ? rungs : null
}

type SmallFieldProps = {
  label: string
  text: string
  /** The value of a text; null where it has none. */
  read: (text: string) => number | null
  take: (value: number) => void
}

/** A small figure beside the case, not part of it: what cannot be read is marked and not taken. */
function SmallField({ label, text, read, take }: SmallFieldProps) {
  const [typed, setTyped] = useState<string | null>(null)
  const id = useId()
  const isWrong = typed !== null && read(typed) === null
  return (
    <input
      id={id}
      className="small-field"
      aria-label={label}
      aria-invalid={isWrong}
      size={Math.max(2, (typed ?? text).length)}
      value={typed ?? text}
      onFocus={(event) => event.target.select()}
      onChange={(event) => {
        setTyped(event.target.value)
        const value = read(event.target.value)
        if (value !== null) take(value)
      }}
      onBlur={() => setTyped(null)}
      onKeyDown={(event) => {
        if (event.key === 'Enter' || event.key === 'Escape') setTyped(null)
      }}
    />
  )
}
