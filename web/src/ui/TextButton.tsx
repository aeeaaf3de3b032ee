import type { ComponentProps } from 'react'
import './text-button.css'

/** An action within running words or beside a heading. */
export function TextButton(props: Omit<ComponentProps<'button'>, 'type' | 'className'>) {
  return <button type="button" className="text-button" {...props} />
}
