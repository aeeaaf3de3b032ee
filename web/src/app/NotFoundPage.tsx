import { Link } from '@tanstack/react-router'
import { TopBar } from './TopBar'

/** For an address at which there is nothing, or nothing to be had now: what is wrong, and the way back. */
export function NotFoundPage({ title }: { title: string }) {
  return (
    <>
      <title>{`${title} · Impendium`}</title>
      <TopBar actions={NO_ACTIONS} />
      <main id="main" tabIndex={-1} className="wide:pl-55 mid:px-8 px-4 py-8">
        <h1 className="font-figures text-2xl font-medium">{title}</h1>
        <Link to="/cases" className="text-act mt-2 inline-block font-semibold hover:underline">
          Back to cases
        </Link>
      </main>
    </>
  )
}

const NO_ACTIONS: [] = []
