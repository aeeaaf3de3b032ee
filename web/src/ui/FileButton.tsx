import type { ComponentProps } from 'react'

type FileButtonProps = Pick<ComponentProps<'input'>, 'accept' | 'aria-invalid' | 'aria-describedby'> & {
  words: string
  take: (file: File) => void
}

/** Opens a file of the reader's. */
export function FileButton({ words, take, ...input }: FileButtonProps) {
  return (
    <label className="text-button has-focus-visible:outline-act cursor-pointer has-focus-visible:outline-2">
      {words}
      <input
        type="file"
        className="sr-only"
        {...input}
        onChange={(event) => {
          const [file] = event.target.files ?? []
          if (file) take(file)
          // The same file, mended, can be opened again.
          event.target.value = ''
        }}
      />
    </label>
  )
}
