import { TextButton } from '../../ui/TextButton'
import { useOption } from '../OptionContext'
import { addExtra } from '../featureLists'
import { focusFigure } from '../focusFigure'
import { newId } from '../newId'
import type { Life } from './life'

const EXTRA_CENTS = 10_000_00

/** Puts an extra payment in at the marker; its amount is then typed in the sentence. */
export function PayExtraHere({ life, marker }: { life: Life; marker: number }) {
  const { at, apply } = useOption()
  const pay = () => {
    const id = newId()
    apply(addExtra(id, 'ONCE', EXTRA_CENTS, { payment: null, day: life.schedule.dates[marker - 1] ?? '' }))
    focusFigure(`${at}/features/extras/${id}`)
  }
  return <TextButton onClick={pay}>Add extra payment here</TextButton>
}
