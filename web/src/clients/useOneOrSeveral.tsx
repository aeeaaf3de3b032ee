import { useState, type ReactNode } from 'react'
import { RadioChoice } from '../ui/RadioChoice'
import { areSeveral, namesIn } from './clientNames'

/** Asks of a name with a comma whether it is one client or several. */
export function useOneOrSeveral(text: string): { several: boolean; question: ReactNode } {
  const [answer, setAnswer] = useState<'one' | 'several' | null>(null)
  const names = namesIn(text)
  if (names.length < 2) return { several: false, question: null }
  const value = answer ?? (areSeveral(names) ? 'several' : 'one')
  return {
    several: value === 'several',
    question: (
      <div>
        <RadioChoice
          label="One client or several"
          value={value}
          choices={[
            ['one', 'One client'],
            ['several', `${names.length} clients`],
          ]}
          choose={setAnswer}
        />
        <p className="text-soft mt-1 text-[0.8125rem]">{value === 'one' ? text.trim() : names.join(' · ')}</p>
      </div>
    ),
  }
}
