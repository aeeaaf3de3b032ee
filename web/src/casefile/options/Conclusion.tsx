import { useId } from 'react'
import { useOpenCase } from '../CaseContext'

const MOST_CHARACTERS = 4000

/** The advisor's own words on the options, kept with the case. */
export function Conclusion() {
  const { store, document } = useOpenCase()
  const id = useId()
  const text = document.conclusion ?? ''
  return (
    <section className="mt-7" aria-labelledby={`${id}-heading`}>
      <h2 id={`${id}-heading`} className="heading">
        Conclusion
      </h2>
      <textarea
        className="field mt-1.5 field-sizing-content min-h-18 max-w-3xl font-figures text-lg! leading-snug"
        aria-label="Conclusion, in your own words"
        placeholder="What you recommend, in your own words"
        maxLength={MOST_CHARACTERS}
        value={text}
        onChange={(event) => store.changeDocument({ conclusion: printable(event.target.value) || null })}
        onBlur={store.settle}
      />
    </section>
  )
}

/** What is pasted may hold tabs and other signs that cannot be printed. */
const printable = (text: string) => text.replace(/[^\P{Cc}\n]/gu, ' ')
