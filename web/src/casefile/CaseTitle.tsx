import { useLayoutEffect } from 'react'
import type { CaseDocument, FieldProblem } from '../api/client'
import type { CaseStore } from './caseStore'
import './case-title.css'

type CaseTitleProps = { store: CaseStore; document: CaseDocument; problems: readonly FieldProblem[] }

/** What the case is called and for whom it is, changed in place. */
export function CaseTitle({ store, document, problems }: CaseTitleProps) {
  return (
    <h1 className="flex min-w-0 grow flex-wrap items-baseline gap-x-2">
      <TitleField name="title" label="Title" className="font-semibold" {...{ store, document, problems }} />
      <TitleField name="clients" label="Clients" className="text-soft" {...{ store, document, problems }} />
    </h1>
  )
}

type TitleFieldProps = CaseTitleProps & { name: 'title' | 'clients'; label: string; className: string }

function TitleField({ name, label, className, store, document, problems }: TitleFieldProps) {
  const place = `/${name}`
  const problem = problems.find(({ pointer }) => pointer === place)
  const { claim } = store.claims
  useLayoutEffect(() => claim([place]), [claim, place])
  return (
    <span>
      <span className={`title-field ${className}`}>
        <span aria-hidden>{document[name] || label}</span>
        <input
          aria-label={label}
          data-pointer={place}
          data-typed
          aria-invalid={problem !== undefined}
          placeholder={label}
          maxLength={200}
          size={1}
          value={document[name]}
          onChange={(event) => store.changeDocument({ [name]: event.target.value })}
          onBlur={(event) => {
            if (name === 'title' && event.target.value.trim() === '') store.rewind()
            store.settle()
          }}
          onKeyDown={(event) => {
            if (event.key === 'Escape') store.rewind()
            if (event.key === 'Enter') event.currentTarget.blur()
          }}
        />
      </span>
      {problem && (
        <span role="alert" className="figure-problem">
          {problem.message}
        </span>
      )}
    </span>
  )
}
