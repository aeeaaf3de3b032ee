import { useOpenCase } from '../CaseContext'
import { addExtra } from '../clauses'
import { focusFigure } from '../focusFigure'
import type { Life } from './life'

const EXTRA_CENTS = 10_000_00

/** Puts an extra payment in at the marker; its amount is then typed in the sentence. */
export function PayExtraHere({ life, marker }: { life: Life; marker: number }) {
  const { store, option, at } = useOpenCase()
  const pay = () => {
    store.changeOption(
      addExtra('ONCE', EXTRA_CENTS, { payment: null, day: life.schedule.dates[marker - 1] ?? '' }),
    )
    store.settle()
    focusFigure(`${at}/extras/${option.extras.length}`)
  }
  return (
    <button type="button" className="text-act font-semibold hover:underline" onClick={pay}>
      Pay an extra here
    </button>
  )
}
