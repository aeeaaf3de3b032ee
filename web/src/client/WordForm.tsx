import { useId, useState } from 'react'

type WordFormProps = {
  isWrong: boolean
  message: string
  isAsking: boolean
  take: (word: string) => void
}

/** Asks for the word that the advisor gave beside the link. */
export function WordForm({ isWrong, message, isAsking, take }: WordFormProps) {
  const [typed, setTyped] = useState('')
  const id = useId()
  return (
    <main className="grid min-h-dvh content-center justify-items-center p-6">
      <form
        className="w-full max-w-sm"
        onSubmit={(event) => {
          event.preventDefault()
          take(typed)
        }}
      >
        <h1 className="font-figures text-2xl">This page asks for a word</h1>
        <label htmlFor={id} className="text-soft mt-2 block">
          Type the word that your advisor gave you.
        </label>
        <input
          id={id}
          className="field mt-3"
          autoComplete="off"
          autoCapitalize="none"
          autoFocus
          required
          maxLength={60}
          aria-invalid={isWrong}
          aria-describedby={isWrong ? `${id}-problem` : undefined}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <p id={`${id}-problem`} role="alert" className="field-problem min-h-5">
          {isWrong ? message : ''}
        </p>
        <button type="submit" className="button mt-2" disabled={isAsking}>
          Open the page
        </button>
      </form>
    </main>
  )
}
