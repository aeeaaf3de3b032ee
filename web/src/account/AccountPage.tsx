import { useQuery } from '@tanstack/react-query'
import { accountQuery } from '../api/account'
import { useSession } from '../app/session'
import { Places } from '../app/Places'
import { TopBar } from '../app/TopBar'
import { ChangePassword } from './ChangePassword'
import { SecondFactor } from './SecondFactor'
import { SessionList } from './SessionList'

const NO_ACTIONS: [] = []

/** How one signs in, and where one is signed in. */
export function AccountPage() {
  const { name, email, practice } = useSession()
  const account = useQuery(accountQuery)
  return (
    <>
      <title>Your account · Impendium</title>
      <TopBar actions={NO_ACTIONS}>
        <Places />
      </TopBar>
      <main id="main" tabIndex={-1} className="wide:pl-55 wide:pr-9 mid:px-8 max-w-5xl px-4 py-8">
        <h1 className="font-figures text-3xl font-medium">Your account</h1>
        <p className="text-soft mt-1">
          {name}, {email}, {practice}
        </p>
        {account.error && (
          <p role="alert" className="field-problem">
            {account.error.message}
          </p>
        )}
        {account.data && (
          <div className="mid:grid-cols-2 mt-7 grid gap-x-14 gap-y-10">
            <ChangePassword />
            <SecondFactor account={account.data} />
            <SessionList sessions={account.data.sessions} />
          </div>
        )}
      </main>
    </>
  )
}
