import { useMutation } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { createCase } from '../../api/cases'
import { MenuItem } from '../../ui/Menu'
import { useOpenCase } from '../CaseContext'
import type { Comparison } from './compared'
import { renewalOf } from './renewal'

/** Begins a case of its own for the end of the rate: its balance over what is left, beside what is paid until then. */
export function RenewalItem({ base }: Pick<Comparison, 'base'>) {
  const { document } = useOpenCase()
  const navigate = useNavigate()
  const beginning = useMutation({
    mutationFn: createCase,
    onSuccess: ({ id }) => navigate({ to: '/cases/$id/options', params: { id } }),
  })
  const renewal = renewalOf(document, base.option, base.answer.figures)
  if (renewal === null) return null
  return (
    <MenuItem
      onSelect={(event) => {
        event.preventDefault()
        beginning.mutate(renewal)
      }}
    >
      {beginning.error ? beginning.error.message : 'The renewal, as a case of its own'}
    </MenuItem>
  )
}
