import type { ReactNode } from 'react'
import { SidePanel } from '../../ui/SidePanel'
import { useOpenCase } from '../CaseContext'
import { ClosingCosts } from './ClosingCosts'
import { Conventions } from './Conventions'
import { useCostsDrawer } from './costsDrawer'
import { MonthlyCosts, YearlyCosts } from './HousingCosts'

/** Costs and conventions that do not belong in the sentence, grouped as people speak of them. */
export function CostsDrawer() {
  const { isOpen, close } = useCostsDrawer()
  const { words } = useOpenCase()
  if (!isOpen) return null
  return (
    <SidePanel title="Costs and conventions" close={close}>
      <Group title="Each year">
        <YearlyCosts />
      </Group>
      <Group title="Each month">
        <MonthlyCosts />
      </Group>
      <Group title={`At ${words.closing.toLowerCase()}`}>
        <ClosingCosts />
      </Group>
      <Group title="Conventions">
        <Conventions />
      </Group>
    </SidePanel>
  )
}

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset className="mt-6 flex flex-col gap-3">
      <legend className="heading mb-1">{title}</legend>
      {children}
    </fieldset>
  )
}
