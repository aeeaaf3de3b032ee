import { read } from '../../entry/reading'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import type { OptionDocument } from '../../api/client'
import { useOpenCase } from '../CaseContext'
import { titleOf } from '../differences'
import { baselineOf, recommendedOf } from '../option'
import { inSentence } from '../options/compared'
import { DETAIL_WORDS, leftOutWords, SCHEDULE_WORDS } from '../../handout/says'
import type { Handout } from './useHandout'

const MOST_CHARACTERS = 200
/** Chosen where no option is recommended; an id has no space. */
const LEAST = 'costs least'

/** Whom the hand-out is for, and how much it says: for Ann and Bo, in full, the schedule by year. */
export function HandoutSentence({ handout: { says, templates, say } }: { handout: Handout }) {
  const { store, document, locale, words } = useOpenCase()
  const preparedFor = says.preparedFor ?? document.clients
  const recommended = recommendedOf(document)
  const baseline = baselineOf(document)
  const nameOf = (option: OptionDocument) => {
    const title = titleOf(baseline, option, locale, words)
    return inSentence({ option, title, isBaseline: option.id === baseline.id })
  }
  const recommend = (id: string | null) => {
    store.changeDocument({ recommended: id })
    store.settle()
  }
  const leftOut = leftOutWords(says)
  const isScheduleSaid = says.sections.includes('SCHEDULE')
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
      />
      {document.options.length > 1 && (
        <>
          {recommended === null ? ' about ' : ' recommending '}
          <Choice
            label="Recommended option"
            value={recommended?.id ?? LEAST}
            words={{
              [LEAST]: 'the option that costs least',
              ...Object.fromEntries(document.options.map((each) => [each.id, nameOf(each)])),
            }}
            choose={(id: string) => recommend(id === LEAST ? null : id)}
          />
          ,
        </>
      )}{' '}
      <span className="whitespace-nowrap">
        <Choice
          label="Detail"
          value={says.detail}
          words={DETAIL_WORDS}
          choose={(detail) => say({ ...says, detail })}
        />
        {end(!isScheduleSaid && leftOut === '')}
      </span>
      {isScheduleSaid && (
        <>
          {' '}
          the schedule{' '}
          <span className="whitespace-nowrap">
            <Choice
              label="Schedule lines"
              value={says.scheduleBy}
              words={SCHEDULE_WORDS}
              choose={(scheduleBy) => say({ ...says, scheduleBy })}
            />
            {end(leftOut === '')}
          </span>
        </>
      )}
      {leftOut !== '' && ` without ${leftOut}.`}
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

/** What ends a part of the sentence: it stays on the line of what it ends. */
const end = (isLast: boolean) => (isLast ? '.' : ',')
