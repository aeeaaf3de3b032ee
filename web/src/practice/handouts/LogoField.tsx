import { useId, useState } from 'react'
import { FileButton } from '../../ui/FileButton'
import { TextButton } from '../../ui/TextButton'
import { logoOf } from './logo'

type LogoFieldProps = { logo: string | null; take: (logo: string | null) => void }

/** The image on the letterhead: chosen from a file, seen at once. */
export function LogoField({ logo, take }: LogoFieldProps) {
  const id = useId()
  const [problem, setProblem] = useState<string | null>(null)
  const choose = async (file: File) => {
    try {
      take(await logoOf(file))
      setProblem(null)
    } catch (failure) {
      setProblem(failure instanceof Error ? failure.message : String(failure))
    }
  }
  return (
    <div>
      <h3 className="mb-1 font-medium">Logo</h3>
      {logo && <img src={logo} alt="The logo" className="mb-2 max-h-16 max-w-48 rounded-sm bg-white p-1" />}
      <p className="flex gap-4">
        <FileButton
          words={logo ? 'Replace the logo…' : 'Choose a logo…'}
          accept="image/*"
          aria-invalid={problem !== null}
          aria-describedby={`${id}-problem`}
          take={(file) => void choose(file)}
        />
        {logo && <TextButton onClick={() => take(null)}>Remove</TextButton>}
      </p>
      <p id={`${id}-problem`} role="alert" className="field-problem">
        {problem}
      </p>
    </div>
  )
}
