import { describe, expect, it } from 'vitest'
import { aDocument, NOBODY } from '../../test/documents'
import { addExtra, withEntry, withoutEntry } from '../featureLists'
import { withTerms, type OptionChange } from '../option'
import { changeOption } from '../options'
import { conflictClauses } from './conflictClauses'

const base = changeOption(aDocument(), 'first', addExtra('e1', 'ONCE', 100_00, { payment: 3, day: null }))
const changed = (change: OptionChange) => changeOption(base, 'first', change)
const clauses = (mine = base, theirs = base) =>
  conflictClauses(base, mine, theirs, 'en-US', new Map()).map(({ of, theirs: there, mine: here }) => [
    of,
    there,
    here,
  ])

describe('the clauses of a conflict', () => {
  it('are the places that both changed, with what each says, and no others', () => {
    expect(
      clauses(
        { ...changed(withTerms({ amortizationMonths: 240 })), title: 'Mine' },
        changed(withTerms({ amortizationMonths: 180, ratePercent: 6 })),
      ),
    ).toEqual([['term', '15 years', '20 years']])
  })

  it('tell of people and their money as of anything else', () => {
    const withMoney = (atHandCents: number) => ({ ...base, household: { ...NOBODY, atHandCents } })
    const start = withMoney(0)
    expect(
      conflictClauses(start, withMoney(90_000_00), withMoney(70_000_00), 'en-US', new Map()).map(
        ({ of }) => of,
      ),
    ).toEqual(['money at hand'])
  })

  it('tell what one deleted and the other changed', () => {
    const deleted = changed(withoutEntry('extras', 'e1'))
    const larger = changed(withEntry('extras', 'e1', { cents: 200_00 }))
    expect(clauses(deleted, larger)).toEqual([['extra payment 1', 'there', 'not there']])
  })
})
