import { ApplyButtons } from './ApplyButtons'
import type { Way } from './way'

type WayLineProps = { way: Way; isSmallest: boolean }

/** A way as a sentence with its solved figure, applied by one action. */
export function WayLine({ way: { words, note, change }, isSmallest }: WayLineProps) {
  const [before, figure, behind] = words
  const name = words.filter((each) => each !== '').join(' ')
  return (
    <li className="border-rule flex flex-wrap items-baseline justify-between gap-x-6 border-b py-2">
      <span>
        <span className="font-figures text-lg">
          {before} <b>{figure}</b> {behind}
        </span>
        {isSmallest && <span className="ml-3 text-[0.8125rem] font-medium">smallest change</span>}
        {note !== '' && <span className="text-soft ml-3 text-[0.8125rem]">{note}</span>}
      </span>
      {change && <ApplyButtons name={name} change={change} />}
    </li>
  )
}
