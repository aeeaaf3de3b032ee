import { useQuery } from '@tanstack/react-query'
import { sentMailQuery } from '../../api/people'
import { formatMoment } from '../../format/moment'

/** What would have been sent to the practice's people, if there were a mail server. */
export function SimulatedMail() {
  const mail = useQuery(sentMailQuery)
  return (
    <section className="mt-10" aria-labelledby="simulated-mail">
      <h2 id="simulated-mail" className="text-base font-semibold">
        Mail <span className="simulated">simulated</span>
      </h2>
      <p className="text-soft">
        {mail.data?.length === 0
          ? 'Nothing yet. Invitations, and notes of changed passwords, would be sent; here they are shown instead.'
          : 'None of this was sent: it is what a mail server would have been given in the last 30 days.'}
      </p>
      <ul className="border-rule mt-2 border-t">
        {mail.data?.map(({ to, subject, words, sentAt }) => (
          <li key={`${to} ${sentAt}`} className="border-rule border-b">
            <details>
              <summary className="cursor-pointer py-2">
                {subject}
                <span className="note">
                  to {to}, {formatMoment(sentAt, new Date())}
                </span>
              </summary>
              <p className="max-w-2xl pb-3 break-words whitespace-pre-line">{words}</p>
            </details>
          </li>
        ))}
      </ul>
    </section>
  )
}
