import { useRef } from 'react'

/** For a menu some of whose entries lead to a field: `lead` before one does, so that closing does not take the focus back. */
export function useFocusElsewhere() {
  const leads = useRef(false)
  return {
    lead: () => {
      leads.current = true
    },
    onCloseAutoFocus: (event: Event) => {
      if (leads.current) event.preventDefault()
      leads.current = false
    },
  }
}
