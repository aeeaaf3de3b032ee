import { useQuery } from '@tanstack/react-query'
import { wishQuery } from '../../api/answers'
import type { WishAnswerView } from '../../api/client'
import { readWish, type Wish } from '../../entry/wish'
import { formatAmount } from '../../format/amount'
import { formatDay } from '../../format/date'
import { SidePanel } from '../../ui/SidePanel'
import { Explained } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { addOption, MOST_OPTIONS } from '../options'
import { leverChange, leverWords } from './levers'
import { useWishPanel } from './wishPanel'

/** What the clients wish to stay within, and what each lever can do for it. */
export function WishPanel() {
  const { text, type, close } = useWishPanel()
  const { locale } = useOpenCase()
  if (text === null) return null
  const reading = readWish(text, locale)
  return (
    <SidePanel title="A wish" close={close}>
      <label className="mt-3 block font-medium">
        What shall it stay within?
        <input
          className="field font-figures mt-1 text-lg"
          value={text}
          autoComplete="off"
          placeholder="at most 2,350 a month"
          onChange={(event) => type(event.target.value)}
        />
      </label>
      {reading.status === 'read' ? (
        <Answers wish={reading.value} />
      ) : (
        <p className="text-soft mt-3">{reading.message}</p>
      )}
    </SidePanel>
  )
}

function Answers({ wish }: { wish: Wish }) {
  const { answered, selected } = useOpenCase()
  const answers = useQuery(wishQuery(answered, selected, wish))
  if (answers.isError) return <p className="text-over mt-3 font-medium">{answers.error.message}</p>
  if (!answers.data) return <p className="text-soft mt-3">Solving it…</p>
  return (
    <>
      <p className="text-soft mt-3">Each of these alone brings it about; one step more does not.</p>
      <ul className="mt-2" aria-label="What brings it about">
        {answers.data.map((answer) => (
          <li
            key={answer.lever}
            className="border-rule border-b py-2.5"
            data-testid={`lever-${answer.lever}`}
          >
            {answer.value === null ? (
              <NoAnswer answer={answer} />
            ) : (
              <Answer wish={wish} answer={answer} value={answer.value} />
            )}
          </li>
        ))}
      </ul>
    </>
  )
}

function NoAnswer({ answer }: { answer: WishAnswerView }) {
  return (
    <p className="text-soft">
      {leverWords(answer.lever, null, null).none}: {answer.because}
    </p>
  )
}

type AnswerProps = { wish: Wish; answer: WishAnswerView; value: number }

function Answer({ wish, answer, value }: AnswerProps) {
  const { store, document, selected, locale } = useOpenCase()
  const close = useWishPanel((panel) => panel.close)
  const { before, figure, after } = leverWords(answer.lever, value, answer.isLargest)
  const change = leverChange(answer.lever, value)
  const subject = { of: 'wish', lever: answer.lever, wish } as const
  const take = () => {
    store.changeOption(change)
    store.settle()
    close()
  }
  const asOption = () => {
    store.changeOptions(addOption(document.options, selected, change))
    close()
  }
  return (
    <>
      <p>
        {before}{' '}
        <b className="font-figures text-lg font-medium">
          <Explained figure="WISH_ANSWER" subject={subject}>
            {figure}
          </Explained>
        </b>{' '}
        {after}
      </p>
      {answer.figures && (
        <p className="text-soft text-xs">
          <Explained figure="HOUSING_COST" subject={subject}>
            {formatAmount(answer.figures.housingCost.totalCents)}
          </Explained>{' '}
          a month, paid off{' '}
          <Explained figure="PAYOFF_DATE" subject={subject}>
            {formatDay(answer.figures.payoffDate, locale)}
          </Explained>
          ,{' '}
          <Explained figure="TOTAL_INTEREST" subject={subject}>
            {formatAmount(answer.figures.totalInterestCents)}
          </Explained>{' '}
          of interest
        </p>
      )}
      <p className="mt-1 flex gap-4">
        <button type="button" className="text-act font-semibold hover:underline" onClick={take}>
          Take it
        </button>
        <button
          type="button"
          className="text-act font-semibold hover:underline disabled:opacity-50"
          disabled={document.options.length >= MOST_OPTIONS}
          onClick={asOption}
        >
          As a new option
        </button>
      </p>
    </>
  )
}
