import { Outlet } from '@tanstack/react-router'
import { SentenceHead } from './SentenceHead'

/** Around the views that are about one option: its sentence stands above them. */
export function OptionPages() {
  return (
    <>
      <SentenceHead />
      <Outlet />
    </>
  )
}
