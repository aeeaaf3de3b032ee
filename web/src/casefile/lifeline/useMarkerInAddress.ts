import { useNavigate, useSearch } from '@tanstack/react-router'
import { useEffect, useState } from 'react'

/** Browsers refuse an address that changes with every move of a drag. */
const AT_REST_MS = 300

/** The payment that the marker stands at: where the address has it, and written there when it rests. */
export function useMarkerInAddress(usual: number) {
  const { payment } = useSearch({ from: '/cases/$id/option/lifeline' })
  const [marker, setMarker] = useState(payment ?? usual)
  const navigate = useNavigate()
  useEffect(() => {
    const named = marker === usual ? undefined : marker
    if (named === payment) return
    const rest = setTimeout(
      () => void navigate({ to: '.', search: (all) => ({ ...all, payment: named }), replace: true }),
      AT_REST_MS,
    )
    return () => clearTimeout(rest)
  }, [marker, usual, payment, navigate])
  return [marker, setMarker] as const
}
