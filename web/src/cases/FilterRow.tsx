import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { peopleQuery } from '../api/people'
import { readAmount } from '../entry/amount'
import { formatEntry } from '../format/amount'
import { LIMITS, NEXT_DAYS, WITHIN } from './filter'
import { FilterChoice, type FilterProps } from './FilterChoice'
import { nameAmong } from './nameAmong'

/** What narrows the list: who looks after the cases, how they stand, what comes next, what they cost. */
export function FilterRow({ chosen, choose }: FilterProps) {
  return (
    <div className="filter-row">
      <AdvisorChoice {...{ chosen, choose }} />
      <FilterChoice label="Limits" none="any" words={LIMITS} name="limits" {...{ chosen, choose }} />
      <FilterChoice label="Next date" none="any" words={NEXT_DAYS} name="next" {...{ chosen, choose }} />
      <FilterChoice
        label="within"
        none="any time"
        words={WITHIN}
        name="nextWithinDays"
        {...{ chosen, choose }}
      />
      <span className="flex gap-2">
        {/* With another key, what was cleared beside them is cleared in them too. */}
        <Amount
          key={`from ${chosen.paymentFromCents}`}
          label="Monthly cost from"
          name="paymentFromCents"
          {...{ chosen, choose }}
        />
        <Amount
          key={`to ${chosen.paymentToCents}`}
          label="to"
          hidden="Monthly cost"
          name="paymentToCents"
          {...{ chosen, choose }}
        />
      </span>
    </div>
  )
}

function AdvisorChoice(props: FilterProps) {
  const people = useQuery(peopleQuery).data ?? []
  const words = Object.fromEntries(people.map((person) => [person.id, nameAmong(people, person)]))
  return <FilterChoice label="Advisor" none="anybody" words={words} name="advisor" {...props} />
}

type AmountProps = FilterProps & {
  label: string
  /** What is said before the label to those who do not see what stands before it. */
  hidden?: string
  name: 'paymentFromCents' | 'paymentToCents'
}

function Amount({ label, hidden, name, chosen, choose }: AmountProps) {
  const cents = chosen[name]
  const [text, setText] = useState(cents === undefined ? '' : formatEntry(Number(cents)))
  const reading = readAmount(text)
  const isEmpty = text.trim() === ''
  const take = () => {
    if (isEmpty) choose({ [name]: undefined })
    else if (reading.status === 'read') choose({ [name]: String(reading.value) })
  }
  return (
    <label className="filter-choice">
      <span className="text-soft">
        {hidden && <span className="sr-only">{hidden} </span>}
        {label}
      </span>
      <input
        inputMode="decimal"
        placeholder="any"
        aria-invalid={!isEmpty && reading.status !== 'read'}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      />
    </label>
  )
}
