import { AnswerButton } from '../../answer/AnswerButton'
import type { PricedOnDocument } from '../../api/client'
import type { OptionChange } from '../option'
import { useTakePriced } from '../options/useTakePriced'

type Given = {
  name: string
  change: OptionChange
  /** The rates that the change is priced on; null where it is on none. */
  pricedOn?: PricedOnDocument | null
}

/** Applies a change to the option that is shown, or adds an option with it. */
export function ApplyButtons({ name, change, pricedOn = null }: Given) {
  const { apply, add, room } = useTakePriced()
  return (
    <span className="screen-only flex gap-x-5 whitespace-nowrap">
      <AnswerButton onClick={() => apply(change, pricedOn)}>
        Apply<span className="sr-only">: {name}</span>
      </AnswerButton>
      <AnswerButton disabled={room === 0} onClick={() => add([change], pricedOn)}>
        {room === 0 ? 'Six options at the most' : 'Add as option'}
        <span className="sr-only">: {name}</span>
      </AnswerButton>
    </span>
  )
}
