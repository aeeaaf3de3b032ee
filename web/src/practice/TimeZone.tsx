import { useIsOwner } from '../app/session'
import { pageLocale } from '../format/pageLocale'
import { timeZonesWith } from '../format/timeZones'
import { Choice } from '../sentence/Choice'

type TimeZoneProps = { timeZone: string; choose: (timeZone: string) => void }

/** Where the practice works: it tells which day a new case begins on. */
export function TimeZone({ timeZone, choose }: TimeZoneProps) {
  const isOwner = useIsOwner()
  return (
    <section className="mt-8">
      <h2 className="heading">Time zone</h2>
      <p className="text-soft mt-1">
        Sets the day on which a new case starts. It is {today(timeZone)} there.
      </p>
      {!isOwner && <p>{timeZone}</p>}
      {isOwner && (
        <Choice
          label="Time zone"
          className="field mt-2 max-w-80 text-left"
          value={timeZone}
          words={timeZonesWith(timeZone)}
          choose={choose}
        />
      )}
    </section>
  )
}

const today = (timeZone: string) =>
  new Intl.DateTimeFormat(pageLocale(), { timeZone, day: 'numeric', month: 'long', year: 'numeric' }).format(
    new Date(),
  )
