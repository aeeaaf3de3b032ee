import { describe, expect, it } from 'vitest'
import { aDocument } from '../../test/documents'
import { addExtra, withEntry, withoutEntry } from '../featureLists'
import { withDownAmount, withDownPercent, withTerms, type OptionChange } from '../option'
import { addOption, changeOption, deleteOption, makeBaseline } from '../options'
import { merge, mergeBy, overlaps } from './merge'

const extra = addExtra('e1', 'ONCE', 100_00, { payment: 3, day: null })
const other = addExtra('e2', 'EACH_YEAR', 500_00, { payment: 3, day: null })
const base = changeOption(
  aDocument({ options: addOption('first', withTerms({}))(aDocument().options).options }),
  'first',
  extra,
)
const [first, second] = base.options
if (!first || !second) throw new Error('two options were made')
const changed = (...changes: OptionChange[]) =>
  changes.reduce((document, change) => changeOption(document, 'first', change), base)
const rate = withTerms({ ratePercent: 5 })
const term = withTerms({ amortizationMonths: 180 })

describe('merge', () => {
  it('keeps the changes of both where they changed different figures', () => {
    expect(merge(base, changed(rate), changed(term))).toEqual(changed(rate, term))
    expect(merge(base, { ...base, title: 'Mine' }, changed(term))).toEqual({
      ...changed(term),
      title: 'Mine',
    })
  })

  it('takes a change that only one made, or both alike', () => {
    expect(merge(base, base, changed(rate))).toEqual(changed(rate))
    expect(merge(base, changed(rate), base)).toEqual(changed(rate))
    expect(merge(base, changed(rate), changed(rate))).toEqual(changed(rate))
  })

  it('is none where both changed the same figure otherwise', () => {
    expect(merge(base, changed(rate), changed(withTerms({ ratePercent: 6 })))).toBeNull()
    expect(merge(base, changed(withDownAmount(5_000_000)), changed(withDownPercent(30)))).toBeNull()
  })

  it('takes what is one value from one state, never a part of each', () => {
    const extras = [
      { lastPayment: null, lastDay: null },
      { lastPayment: 24, lastDay: null },
      { lastPayment: null, lastDay: '2031-01-01' },
    ].map((until) => changed(withEntry('extras', 'e1', until)))
    const downs = [withDownAmount(5_000_000), withDownAmount(6_000_000), withDownPercent(30)].map((down) =>
      changed(down),
    )
    const readable = (text: string) => !/"cents":\d+,"percent":\d|"lastPayment":\d+,"lastDay":"/.test(text)
    for (const states of [extras, downs]) {
      for (const was of states)
        for (const mine of states)
          for (const theirs of states)
            for (const side of ['mine', 'theirs'] as const)
              expect(JSON.stringify(mergeBy(() => side, was, mine, theirs))).toSatisfy(readable)
    }
    const [toEnd, toPayment, toDay] = extras
    if (!toEnd || !toPayment || !toDay) throw new Error('three were made')
    expect(overlaps(toEnd, toPayment, toDay)).toEqual(['/options/first/features/extras/e1/lastPayment'])
    expect(merge(toPayment, toDay, toPayment)).toEqual(toDay)
  })

  it('goes by the ids of entries', () => {
    const larger = withEntry('extras', 'e1', { cents: 200_00 })
    expect(merge(base, changed(larger), changed(other))).toEqual(changed(larger, other))
    expect(merge(base, changed(withoutEntry('extras', 'e1')), changed(rate))).toEqual(
      changed(withoutEntry('extras', 'e1'), rate),
    )
    expect(merge(base, changed(withoutEntry('extras', 'e1')), changed(larger))).toBeNull()
  })

  it('keeps the options of both, in the order of who changed it', () => {
    const turned = { ...base, options: makeBaseline(second.id)(base.options).options }
    const added = { ...base, options: addOption(first.id, term)(base.options).options }
    expect(merge(base, turned, added)?.options.map(({ id }) => id)).toEqual([
      second.id,
      first.id,
      added.options[2]?.id,
    ])
    expect(merge(base, added, turned)?.options).toEqual(merge(base, turned, added)?.options)
    const deleted = { ...base, options: deleteOption(second.id)(base.options).options }
    expect(merge(base, deleted, changed(rate))?.options).toEqual([changed(rate).options[0]])
  })

  it('is none where the case would hold more options than can be compared', () => {
    const withThree = (document = base) => {
      let { options } = document
      for (let count = 0; count < 3; count++) options = addOption(first.id, rate)(options).options
      return { ...document, options }
    }
    expect(merge(base, withThree(), withThree())).toBeNull()
  })

  it('goes on as is chosen for each place that both changed, and keeps what only one did', () => {
    const mine = { ...changed(rate, withTerms({ amortizationMonths: 240 })), title: 'Mine' }
    const theirs = changed(withTerms({ ratePercent: 6 }), term, extra)
    const [ratePlace, termPlace] = [
      `/options/first/terms/ratePercent`,
      `/options/first/terms/amortizationMonths`,
    ]
    expect(overlaps(base, mine, theirs).toSorted()).toEqual([termPlace, ratePlace])
    expect(mergeBy((place) => (place === ratePlace ? 'theirs' : 'mine'), base, mine, theirs)).toEqual({
      ...changed(withTerms({ ratePercent: 6, amortizationMonths: 240 }), extra),
      title: 'Mine',
    })
  })

  it('lets an entry that one changed and the other deleted stay or go', () => {
    const mine = changed(withoutEntry('extras', 'e1'))
    const theirs = changed(withEntry('extras', 'e1', { cents: 200_00 }))
    expect(overlaps(base, mine, theirs)).toEqual(['/options/first/features/extras/e1'])
    expect(mergeBy(() => 'theirs', base, mine, theirs)).toEqual(theirs)
    expect(mergeBy(() => 'mine', base, mine, theirs)).toEqual(mine)
  })
})
