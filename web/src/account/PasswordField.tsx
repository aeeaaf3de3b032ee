import { useState } from 'react'
import { TextButton } from '../ui/TextButton'
import { FormField, type FormFieldProps } from './FormField'

/** A field for a password, which can be shown while it is typed. */
export function PasswordField(props: Omit<FormFieldProps, 'type' | 'action'>) {
  const [isShown, setIsShown] = useState(false)
  return (
    <FormField
      {...props}
      type={isShown ? 'text' : 'password'}
      autoCapitalize="none"
      spellCheck={false}
      action={
        <TextButton aria-pressed={isShown} onClick={() => setIsShown(!isShown)}>
          {isShown ? 'Hide' : 'Show'}
          <span className="sr-only"> {props.label.toLowerCase()}</span>
        </TextButton>
      }
    />
  )
}
