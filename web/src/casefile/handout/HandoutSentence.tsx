import { read } from '../../entry/reading'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { DETAIL_WORDS, leftOutWords, SCHEDULE_WORDS } from '../../handout/says'
import type { Handout } from './useHandout'

const MOST_CHARACTERS = 200

/** Whom the hand-out is for, and how much it says: for Ann and Bo, in full, the schedule by year. */
export function HandoutSentence({ handout: { says, templates, say } }: { handout: Handout }) {
  const { store, document } = useOpenCase()
  const preparedFor = says.preparedFor ?? document.clients
  const leftOut = leftOutWords(says)
  return (
    <p className="sentence" data-testid="answer">
      A hand-out for{' '}
      <Figure
        label="Prepared for"
        after=","
        pointer="/handout/preparedFor"
        text={preparedFor === '' ? 'nobody named' : preparedFor}
        read={(text) => read(text.trim().slice(0, MOST_CHARACTERS))}
        take={(words) => store.changeDocument({ handout: { ...says, preparedFor: words } })}
        clear={() => store.changeDocument({ handout: { ...says, preparedFor: '' } })}
      />{' '}
      <Choice
        label="Detail"
        value={says.detail}
        words={DETAIL_WORDS}
        choose={(detail) => say({ ...says, detail })}
      />
      {says.sections.includes('SCHEDULE') && (
        <>
          , the schedule{' '}
          <Choice
            label="Schedule lines"
            value={says.scheduleBy}
            words={SCHEDULE_WORDS}
            choose={(scheduleBy) => say({ ...says, scheduleBy })}
          />
        </>
      )}
      {leftOut === '' ? '' : `, without ${leftOut}`}.
      {templates.length > 0 && (
        <span className="font-words text-soft text-[0.8125rem]">
          {' '}
          <Choice
            label="Begin from a template"
            className="text-button"
            value="none"
            words={{
              none: 'Begin from a template',
              ...Object.fromEntries(templates.map(({ id, template }) => [id, template.name])),
            }}
            choose={(id: string) => {
              const template = templates.find((each) => each.id === id)
              if (template) say(template.template.says)
            }}
          />
        </span>
      )}
    </p>
  )
}
