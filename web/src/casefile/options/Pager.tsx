type PagerProps = { at: number; last: number; go: (to: number) => void }

/** Goes from one option to the next where there is room for one. */
export function Pager({ at, last, go }: PagerProps) {
  return (
    <span className="flex items-baseline gap-1">
      <button type="button" className="button-quiet" disabled={at === 0} onClick={() => go(at - 1)}>
        <span aria-hidden>‹</span>
        <span className="sr-only">Previous option</span>
      </button>
      <span aria-live="polite">
        {at + 1} of {last + 1}
      </span>
      <button type="button" className="button-quiet" disabled={at === last} onClick={() => go(at + 1)}>
        <span aria-hidden>›</span>
        <span className="sr-only">Next option</span>
      </button>
    </span>
  )
}
