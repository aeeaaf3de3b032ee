import { QRCodeSVG } from 'qrcode.react'
import { useState } from 'react'
import { TextButton } from '../ui/TextButton'
import { FormField } from './FormField'

type AppCodeProps = {
  proposed: { secret: string; address: string }
  confirm: (code: string) => void
  problem: string | null
  cancel: () => void
}

/** What the app is shown, and the code that it then tells. */
export function AppCode({ proposed: { secret, address }, confirm, problem, cancel }: AppCodeProps) {
  const [code, setCode] = useState('')
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        confirm(code)
      }}
    >
      <p>Show this to your app, or type the letters into it:</p>
      <div className="flex flex-wrap items-center gap-5">
        {/* Cameras read it dark on white alone. */}
        <span className="rounded-sm bg-white p-3">
          <QRCodeSVG value={address} size={148} title="What the app reads" />
        </span>
        <code className="max-w-48 break-words" data-testid="secret">
          {secret.replace(/(.{4})(?=.)/g, '$1 ')}
        </code>
      </div>
      <FormField
        label="Code that it shows"
        inputMode="numeric"
        autoComplete="one-time-code"
        autoFocus
        required
        maxLength={7}
        value={code}
        take={setCode}
        problem={problem}
      />
      <p className="flex items-center gap-5">
        <button type="submit" className="button">
          Ask for codes from now on
        </button>
        <TextButton onClick={cancel}>Cancel</TextButton>
      </p>
    </form>
  )
}
