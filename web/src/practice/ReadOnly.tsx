import { TextButton } from '../ui/TextButton'

/** All that something says, for who may not change it. */
export function ReadOnly({ lines, close }: { lines: readonly string[]; close: () => void }) {
  return (
    <div className="mt-2">
      <ul className="text-[0.9375rem]">
        {lines.map((line) => (
          <li key={line} className="py-0.5">
            {line}
          </li>
        ))}
      </ul>
      <TextButton onClick={close}>Close</TextButton>
    </div>
  )
}
