import { CopyButton } from '../ui/CopyButton'

type RecoveryCodesProps = { codes: readonly string[]; done: () => void }

/** Codes for the day on which the app is lost, shown this once. */
export function RecoveryCodes({ codes, done }: RecoveryCodesProps) {
  return (
    <div role="status" className="flex flex-col gap-3">
      <p>
        Codes are asked for from now on. If the app is lost, each of these signs you in once. They are not
        shown again: print them, or keep them where your passwords are.
      </p>
      <ul className="grid grid-cols-2 gap-x-6 gap-y-1 font-mono text-[0.8125rem]" aria-label="Recovery codes">
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ul>
      <p className="flex items-center gap-5">
        <button type="button" className="button" onClick={done}>
          I have kept them
        </button>
        <CopyButton label="Copy" text={() => codes.join('\n')} />
      </p>
    </div>
  )
}
