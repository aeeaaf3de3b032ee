import { DropdownMenu } from 'radix-ui'
import { MARKETS, type Market } from '../../format/market'
import { MenuContent, MenuItem } from '../../ui/Menu'
import { TextButton } from '../../ui/TextButton'

/** Something that is done for one of the markets. */
export function MarketMenu({ words, choose }: { words: string; choose: (market: Market) => void }) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <TextButton>{words}</TextButton>
      </DropdownMenu.Trigger>
      <MenuContent align="end">
        {(Object.keys(MARKETS) as Market[]).map((market) => (
          <MenuItem key={market} onSelect={() => choose(market)}>
            {MARKETS[market].name}
          </MenuItem>
        ))}
      </MenuContent>
    </DropdownMenu.Root>
  )
}
