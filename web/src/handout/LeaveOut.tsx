import { PRIVATE_WORDS, withPrivate, type Private } from './says'
import type { Saying } from './Saying'

/** What the hand-out leaves out for privacy. */
export function LeaveOut({ handout: { says, say } }: Saying) {
  return (
    <fieldset className="mt-6">
      <legend className="heading">Leave out</legend>
      <div className="mt-1 flex flex-wrap gap-x-5">
        {Object.entries(PRIVATE_WORDS).map(([each, words]) => (
          <label key={each} className="flex min-h-6 cursor-pointer items-center gap-2">
            <input
              type="checkbox"
              className="accent-act"
              checked={says.without.includes(each as Private)}
              onChange={(event) => say(withPrivate(says, each as Private, event.target.checked))}
            />
            {words}
          </label>
        ))}
      </div>
      {says.without.includes('INCOMES') && (
        <p className="text-soft mt-1 text-[0.8125rem]">
          Tests are told as met or not: a share of the income would tell the income.
        </p>
      )}
    </fieldset>
  )
}
