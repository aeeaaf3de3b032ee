import { DropdownMenu } from 'radix-ui'
import type { OptionRow } from '../../api/client'
import { MenuContent } from '../../ui/Menu'
import { useOpenCase } from '../CaseContext'
import type { Comparison } from './compared'
import { ROW_GROUPS } from './rows'

type RowsMenuProps = {
  comparison: Comparison
  rows: ReadonlySet<OptionRow>
  choose: (rows: OptionRow[]) => void
}

/** Which rows options are compared by: chosen once for the practice. */
export function RowsMenu({ comparison, rows, choose }: RowsMenuProps) {
  const { words } = useOpenCase()
  const toggle = (row: OptionRow, isShown: boolean) => {
    const wanted = new Set(rows)
    if (isShown) wanted.add(row)
    else wanted.delete(row)
    if (wanted.size > 0) choose([...wanted])
  }
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="text-button">Rows…</DropdownMenu.Trigger>
      <MenuContent align="end">
        {ROW_GROUPS.map((group) => (
          <DropdownMenu.Group key={group.rows[0]?.row}>
            <DropdownMenu.Label className="heading px-3 pt-2">{group.label(comparison)}</DropdownMenu.Label>
            {group.rows.map(({ row, label }) => (
              <DropdownMenu.CheckboxItem
                key={row}
                className="floating-item"
                checked={rows.has(row)}
                onCheckedChange={(isShown) => toggle(row, isShown)}
                onSelect={(event) => event.preventDefault()}
              >
                <span aria-hidden className="inline-block w-5">
                  {rows.has(row) ? '✓' : ''}
                </span>
                {label(words, comparison)}
              </DropdownMenu.CheckboxItem>
            ))}
          </DropdownMenu.Group>
        ))}
        <p className="text-soft max-w-60 px-3 py-2 text-xs">Chosen for all cases of the practice.</p>
      </MenuContent>
    </DropdownMenu.Root>
  )
}
