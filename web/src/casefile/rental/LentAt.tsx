import type { ProgrammeAnswerView } from '../../api/client'
import { formatPercent } from '../../format/percent'
import { AnswerButton } from '../../answer/AnswerButton'
import { withTerms } from '../option'
import { useOption } from '../OptionContext'

/** At which rate the programme lends the loan, where that is another than its own, and what of its own a programme added. */
export function LentAt({ chosen: { lentAt } }: { chosen: ProgrammeAnswerView }) {
  const { option, apply } = useOption()
  const { ratePercent, lettingAddOnPercent } = option.terms
  const added = lettingAddOnPercent ?? 0
  const isOther = lentAt !== null && lentAt.ratePercent !== ratePercent
  if (!isOther && added === 0) return null
  return (
    <p className="mt-1 text-[0.8125rem]" data-testid="lent-at">
      {isOther && (
        <>
          The programme lends this loan at <b>{formatPercent(lentAt.ratePercent)}</b>, with{' '}
          {formatPercent(lentAt.addOnPercent)} added; its figures here are at {formatPercent(ratePercent)}.{' '}
          <AnswerButton
            onClick={() =>
              apply(
                withTerms({
                  ratePercent: lentAt.ratePercent,
                  lettingAddOnPercent: lentAt.addOnPercent === 0 ? null : lentAt.addOnPercent,
                }),
              )
            }
          >
            Take that rate
          </AnswerButton>{' '}
        </>
      )}
      {added > 0 && (
        <>
          Of its rate of {formatPercent(ratePercent)} a programme added {formatPercent(added)}.{' '}
          <AnswerButton onClick={() => apply(withTerms({ lettingAddOnPercent: null }))}>
            Nothing is added
          </AnswerButton>
        </>
      )}
    </p>
  )
}
