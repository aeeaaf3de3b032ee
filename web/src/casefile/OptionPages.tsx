import { Outlet } from '@tanstack/react-router'
import { SentenceHead } from './SentenceHead'
import { ShownOption } from './ShownOption'
import { SpokenAnswer } from './SpokenAnswer'

/** Around the views that are about one option: the options to choose from, and the sentence of the one that is shown. */
export function OptionPages() {
  return (
    <ShownOption>
      <SentenceHead />
      <Outlet />
      <SpokenAnswer />
    </ShownOption>
  )
}
