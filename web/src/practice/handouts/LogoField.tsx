import { useId, useState } from 'react'
import { TextButton } from '../../ui/TextButton'
import { logoOf } from './logo'

type LogoFieldProps = { logo: string | null; take: (logo: string | null) => void }

/** The image on the letterhead: chosen from a file, seen at once. */
export function LogoField({ logo, take }: LogoFieldProps) {
  const id = useId()
  const [problem, setProblem] = useState<string | null>(null)
  const choose = async (file: File | undefined) => {
    if (!file) return
    try {
      take(await logoOf(file))
      setProblem(null)
    } catch (failure) {
      setProblem(failure instanceof Error ? failure.message : String(failure))
    }
  }
  return (
    <div>
      <label htmlFor={id} className="mb-1 block font-medium">
        Logo
      </label>
      <input
        id={id}
        type="file"
        accept="image/*"
        className="block w-full"
        aria-invalid={problem !== null}
        aria-describedby={`${id}-problem`}
        onChange={(event) => void choose(event.target.files?.[0])}
      />
      <p id={`${id}-problem`} role="alert" className="field-problem">
        {problem}
      </p>
      {logo && (
        <p className="mt-2 flex items-end gap-4">
          <img src={logo} alt="The logo" className="max-h-16 max-w-48 rounded-sm bg-white p-1" />
          <TextButton onClick={() => take(null)}>Remove</TextButton>
        </p>
      )}
    </div>
  )
}
