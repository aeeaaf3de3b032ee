import { useQuery } from '@tanstack/react-query'
import type { SentMail } from '../../api/client'
import { sentMailQuery } from '../../api/people'
import { formatMoment } from '../../format/moment'

const STATES: Record<SentMail['state'], string> = {
  SENT: 'sent',
  WAITING: 'waits for the mail server',
  NOT_SENT: 'not sent',
  SIMULATED: 'simulated',
}

/** Mail to the practice's people: to whom and what about. What it says is theirs, but where all is made up. */
export function MailToPeople() {
  const mail = useQuery(sentMailQuery)
  if (!mail.data) return null
  const isSimulated = mail.data.some(({ state }) => state === 'SIMULATED')
  return (
    <section className="mt-10" aria-labelledby="mail">
      <h2 id="mail" className="text-base font-semibold">
        Mail {isSimulated && <span className="simulated">simulated</span>}
      </h2>
      <p className="text-soft">
        {mail.data.length === 0
          ? 'Nothing yet. Invitations, and notes of changed passwords, are told here once they are sent.'
          : isSimulated
            ? 'None of this was sent: it is what a mail server would have been given in the last 30 days.'
            : 'What went to people of the practice in the last 30 days. Only they read what it says.'}
      </p>
      <ul className="border-rule mt-2 border-t">
        {mail.data.map((each) => (
          <li key={`${each.to} ${each.sentAt}`} className="border-rule border-b">
            {each.words === null ? (
              <p className="py-2">
                <Head mail={each} />
              </p>
            ) : (
              <details>
                <summary className="cursor-pointer py-2">
                  <Head mail={each} />
                </summary>
                <p className="max-w-2xl pb-3 break-words whitespace-pre-line">{each.words}</p>
              </details>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}

function Head({ mail: { to, subject, sentAt, state } }: { mail: SentMail }) {
  return (
    <>
      {subject}
      <span className="note">
        to {to}, {formatMoment(sentAt, new Date())}
        {state !== 'SIMULATED' && `, ${STATES[state]}`}
      </span>
    </>
  )
}
