import type { LimitSetDocument } from '../../api/client'
import { measureName } from '../../casefile/afford/readingWords'
import { readFigure } from '../../entry/figure'
import { ListEditor } from '../../field/ListEditor'
import { insertAfter, movedBy } from '../../field/lists'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { TextButton } from '../../ui/TextButton'
import { ConditionLine } from './ConditionLine'
import { HouseholdTable } from './HouseholdTable'
import { limitOf, newCondition, newTable, newTest } from './sets'
import { isLeast, limitText, type LimitTest, type Measure } from './setWords'

const MEASURES: readonly Measure[] = [
  'FRONT_END',
  'BACK_END',
  'LOAN_TO_INCOME',
  'DEBT_TO_INCOME',
  'RESIDUAL_INCOME',
  'LOAN_TO_VALUE',
  'RESERVES',
  'SCORE',
]
const MOST_CONDITIONS = 5

type Change = (tests: LimitTest[]) => void
type TestListProps = { set: LimitSetDocument; change: Change; step: Change }

/** The tests of a set, a line each: what is measured, its limit, and when it applies. */
export function TestList({ set, change, step }: TestListProps) {
  const { tests } = set
  const put = (write: Change, id: string, fields: Partial<LimitTest>) =>
    write(tests.map((each) => (each.id === id ? { ...each, ...fields } : each)))
  return (
    <ListEditor
      label="Tests"
      entries={tests}
      line={(test) => (
        <TestFigures
          test={test}
          set={set}
          change={(fields) => put(change, test.id, fields)}
          step={(fields) => put(step, test.id, fields)}
        />
      )}
      add={(after) => {
        const added = newTest(tests.find(({ id }) => id === after)?.measure ?? 'BACK_END')
        change(insertAfter(tests, added, after))
        return added.id
      }}
      remove={(id) => change(tests.filter((each) => each.id !== id))}
      move={(id, by) => change(movedBy(tests, id, by))}
      addWords="Add a test"
    />
  )
}

type TestFiguresProps = {
  test: LimitTest
  set: LimitSetDocument
  change: (fields: Partial<LimitTest>) => void
  step: (fields: Partial<LimitTest>) => void
}

function TestFigures({ test, set, change, step }: TestFiguresProps) {
  const { measure, byHousehold, conditions } = test
  const at = `/tests/${test.id}`
  const names = Object.fromEntries(MEASURES.map((each) => [each, measureName(each, set)])) as Record<
    Measure,
    string
  >
  return (
    <span className="block">
      <Choice
        label="What is tested"
        value={measure}
        words={names}
        choose={(chosen) => step(limitOf(chosen))}
      />{' '}
      {isLeast(measure) ? 'at least' : 'at most'}{' '}
      {byHousehold ? (
        <>what its table says</>
      ) : (
        <Figure
          label="Limit"
          pointer={`${at}/limit`}
          text={limitText(measure, test.limit ?? 0)}
          read={readFigure}
          inputMode="decimal"
          take={(limit) => change({ limit })}
        />
      )}
      {conditions.map((condition, index) => (
        <ConditionLine
          key={condition.id}
          lead={index === 0 ? ', if ' : ' and '}
          at={`${at}/conditions/${condition.id}`}
          condition={condition}
          change={(fields) =>
            change({
              conditions: conditions.map((each) => (each === condition ? { ...each, ...fields } : each)),
            })
          }
          step={(fields) =>
            step({
              conditions: conditions.map((each) => (each === condition ? { ...each, ...fields } : each)),
            })
          }
          remove={() => step({ conditions: conditions.filter((each) => each !== condition) })}
        />
      ))}{' '}
      <span className="font-words text-sm whitespace-nowrap">
        {conditions.length < MOST_CONDITIONS && (
          <TextButton onClick={() => step({ conditions: [...conditions, newCondition()] })}>
            {conditions.length === 0 ? 'Only if…' : 'And if…'}
          </TextButton>
        )}{' '}
        {measure === 'RESIDUAL_INCOME' && (
          <TextButton
            onClick={() => step(byHousehold ? limitOf(measure) : { limit: null, byHousehold: newTable() })}
          >
            {byHousehold ? 'One amount for all' : 'By household…'}
          </TextButton>
        )}
      </span>
      {byHousehold && (
        <HouseholdTable
          at={`${at}/byHousehold`}
          table={byHousehold}
          change={(table) => change({ byHousehold: table })}
          step={(table) => step({ byHousehold: table })}
        />
      )}
    </span>
  )
}
