import { DropdownMenu } from 'radix-ui'
import { useOpenCase } from '../CaseContext'
import { asLoanAlone, asPurchase } from '../option'
import { useCostsDrawer } from './costsDrawer'

/** What else can be said of the loan. */
export function AndMenu() {
  const { store, option, figures } = useOpenCase()
  const openDrawer = useCostsDrawer((drawer) => drawer.open)
  const say = (change: typeof asPurchase) => () => {
    store.changeBaseline(change)
    store.settle()
  }
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="text-soft hover:text-ink rounded-sm px-0.5 text-[0.72em]">
        and…
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="start" sideOffset={6} collisionPadding={12} className="floating">
          {option.priceCents === null ? (
            <DropdownMenu.Item className="floating-item" onSelect={say(asPurchase)}>
              it buys a home at a price
            </DropdownMenu.Item>
          ) : (
            <DropdownMenu.Item className="floating-item" onSelect={say(asLoanAlone(figures.loanCents))}>
              it is a loan alone, without a price
            </DropdownMenu.Item>
          )}
          <DropdownMenu.Item className="floating-item" onSelect={openDrawer}>
            tax, insurance, dues and conventions…
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
