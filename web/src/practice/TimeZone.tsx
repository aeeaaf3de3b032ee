import { useId } from 'react'
import { useIsOwner } from '../app/session'

type TimeZoneProps = { timeZone: string; choose: (timeZone: string) => void }

/** Where the practice works: it tells which day a new case begins on. */
export function TimeZone({ timeZone, choose }: TimeZoneProps) {
  const id = useId()
  const isOwner = useIsOwner()
  const zones = Intl.supportedValuesOf('timeZone')
  return (
    <section className="mt-8">
      <h2 className="heading">
        <label htmlFor={id}>Time zone</label>
      </h2>
      <p className="text-soft mt-1">
        Sets the day on which a new case starts. It is {today(timeZone)} there.
      </p>
      <select
        id={id}
        className="field mt-2 max-w-80"
        disabled={!isOwner}
        value={timeZone}
        onChange={(event) => choose(event.target.value)}
      >
        {!zones.includes(timeZone) && <option>{timeZone}</option>}
        {zones.map((zone) => (
          <option key={zone}>{zone}</option>
        ))}
      </select>
    </section>
  )
}

const today = (timeZone: string) =>
  new Intl.DateTimeFormat('en-GB', { timeZone, day: 'numeric', month: 'long', year: 'numeric' }).format(
    new Date(),
  )
