import { MenuContent } from '../../ui/Menu'
import { DropdownMenu } from 'radix-ui'
import { useOpenCase } from '../CaseContext'
import { COLUMN_KEYS, columnsOf, type ColumnKey } from './columns'

type ColumnsMenuProps = {
  shown: readonly ColumnKey[]
  setShown: (keys: ColumnKey[]) => void
  hasValue: boolean
}

/** Which columns the schedule has. */
export function ColumnsMenu({ shown, setShown, hasValue }: ColumnsMenuProps) {
  const { words } = useOpenCase()
  const all = columnsOf(words)
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="text-button">Columns</DropdownMenu.Trigger>
      <MenuContent align="end">
        {COLUMN_KEYS.filter((key) => key !== 'equity' || hasValue).map((key) => (
          <DropdownMenu.CheckboxItem
            key={key}
            className="floating-item floating-check"
            checked={shown.includes(key)}
            onCheckedChange={(checked) =>
              setShown(COLUMN_KEYS.filter((each) => (each === key ? checked : shown.includes(each))))
            }
            onSelect={(event) => event.preventDefault()}
          >
            <DropdownMenu.ItemIndicator className="floating-tick">✓</DropdownMenu.ItemIndicator>
            {all[key].name}
          </DropdownMenu.CheckboxItem>
        ))}
      </MenuContent>
    </DropdownMenu.Root>
  )
}
