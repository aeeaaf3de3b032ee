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
      <DropdownMenu.Trigger className="text-act font-semibold hover:underline">Columns</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" sideOffset={6} collisionPadding={12} className="floating">
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
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
