import type { ReactNode } from 'react'
import { useOpenCase } from '../CaseContext'
import { HomeSentence } from '../estimate/HomeSentence'
import { ClosingCosts } from './ClosingCosts'
import { Conventions } from './Conventions'
import { DebtList } from './DebtList'
import { ExtraList, RateChangeList } from './FeatureLists'
import { MonthlyCosts, YearlyCosts } from './HousingCosts'

/** Costs and conventions that do not belong in the sentence, grouped as people speak of them, and its lists line by line. */
export function Costs() {
  const { words } = useOpenCase()
  return (
    <>
      <Group title="The home">
        <div>
          <HomeSentence />
        </div>
      </Group>
      <Group title="Each year">
        <YearlyCosts />
      </Group>
      <Group title="Each month">
        <MonthlyCosts />
      </Group>
      <Group title={`At ${words.closing.toLowerCase()}`}>
        <ClosingCosts />
      </Group>
      <Group title="Extra payments">
        <ExtraList />
      </Group>
      <Group title="Rate changes">
        <RateChangeList />
      </Group>
      <Group title="Debts beside the home">
        <DebtList />
      </Group>
      <Group title="Conventions">
        <Conventions />
      </Group>
    </>
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
