import { useId, useState } from 'react'
import { TextButton } from '../../ui/TextButton'

const MOST_BYTES = 220 * 1024

type LogoFieldProps = { logo: string | null; take: (logo: string | null) => void }

/** The image on the letterhead: chosen from a file, seen at once. */
export function LogoField({ logo, take }: LogoFieldProps) {
  const id = useId()
  const [problem, setProblem] = useState<string | null>(null)
  const choose = async (file: File | undefined) => {
    if (!file) return
    if (!['image/png', 'image/jpeg'].includes(file.type) || file.size > MOST_BYTES) {
      setProblem('The logo must be a PNG or JPEG image of at most 220 KB.')
      return
    }
    setProblem(null)
    take(await dataAddress(file))
  }
  return (
    <div>
      <label htmlFor={id} className="mb-1 block font-medium">
        Logo
      </label>
      <input
        id={id}
        type="file"
        accept="image/png,image/jpeg"
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

const dataAddress = (file: Blob) =>
  new Promise<string>((resolve, reject) => {
    const reader = new FileReader()
    reader.onload = () => resolve(typeof reader.result === 'string' ? reader.result : '')
    reader.onerror = () => reject(new Error('The file cannot be read.'))
    reader.readAsDataURL(file)
  })
