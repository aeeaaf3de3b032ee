import { TextButton } from '../../ui/TextButton'
import type { ReactNode } from 'react'
import type { LadderBuild } from '../../api/answers'
import { readPercent } from '../../entry/percent'
import { formatPercent } from '../../format/percent'
import { read, unread, type Reading } from '../../entry/reading'
import { EntriesContext } from '../../field/EntriesContext'
import { useDraft } from '../../field/useDraft'
import { useEntry, type EntryField } from '../../field/useEntry'
import { useTypeOver } from '../../field/useTypeOver'
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
  const draft = useDraft(build, setBuild)
  return (
    <p className="text-soft mt-2 flex flex-wrap items-baseline gap-x-1.5 gap-y-1 text-[0.8125rem]">
      <EntriesContext value={draft}>
        <SmallField
          label="Step between rates"
          pointer="stepPercent"
          text={formatPercent(build.stepPercent)}
          read={readStep}
          take={(stepPercent) => draft.change({ ...build, stepPercent })}
        />
        step,
        <SmallField
          label="Rates below"
          pointer="down"
          text={String(build.down)}
          read={readRungs}
          take={(down) => draft.change({ ...build, down })}
        />
        below,
        <SmallField
          label="Rates above"
          pointer="up"
          text={String(build.up)}
          read={readRungs}
          take={(up) => draft.change({ ...build, up })}
        />
        above
      </EntriesContext>
      {figures.rateEnd && (
        <TextButton onClick={() => setFrom(build.from === 'RENEWAL' ? 'BEGINNING' : 'RENEWAL')}>
          {build.from === 'RENEWAL' ? 'show today’s loan' : 'show at renewal'}
        </TextButton>
      )}
      <span className="ml-auto flex gap-x-4">
        <TextButton onClick={() => setAsTable(!asTable)}>{asTable ? 'Show chart' : 'Show table'}</TextButton>
        {takePicture}
      </span>
    </p>
  )
}

function readStep(text: string): Reading<number> {
  const step = readPercent(text)
  if (step.status !== 'read' || (step.value > 0 && step.value <= MOST_STEP_PERCENT)) return step
  return unread(`A step is above 0 and at most ${MOST_STEP_PERCENT} %.`)
}

function readRungs(text: string): Reading<number> {
  const rungs = /^\s*\d{1,2}\s*$/.test(text) ? Number(text) : null
  return rungs !== null && rungs <= MOST_RUNGS
    ? read(rungs)
    : unread(`Enter a number from 0 to ${MOST_RUNGS}.`)
}

/** A small figure among words. */
function SmallField<T>({ label, ...field }: EntryField<T> & { label: string }) {
  const { shown, problem, type, finish, takeBack, isTyped } = useEntry(field)
  const typeOver = useTypeOver()
  return (
    <input
      className="small-field"
      aria-label={label}
      aria-invalid={problem !== undefined}
      title={problem}
      data-typed={isTyped || undefined}
      autoComplete="off"
      size={Math.max(2, shown.length)}
      value={shown}
      {...typeOver}
      onChange={(event) => type(event.target.value)}
      onBlur={() => (problem === undefined ? finish() : takeBack())}
      onKeyDown={(event) => {
        if (event.key === 'Enter') finish()
        if (event.key === 'Escape') takeBack()
      }}
    />
  )
}
