import { queryOptions } from '@tanstack/react-query'
import { FOR_GOOD, untilAnswered } from './answers'
import { fileOf, postForFile } from './files'
import {
  api,
  dataOf,
  type CaseDocument,
  type HandoutTemplateDocument,
  type IssuedView,
  type LetterheadDocument,
  type TemplateView,
} from './client'

/** The practice's templates of hand-outs, by their names. */
export const templatesQuery = queryOptions({
  queryKey: ['hand-out-templates'],
  queryFn: async ({ signal }) => dataOf(await api.GET('/api/hand-out-templates', { signal })),
})

/** Saves a template, or begins one. @throws Refusal with 409 if another state was saved since. */
export const saveTemplate = async (
  seen: Pick<TemplateView, 'id' | 'revision'> | null,
  template: HandoutTemplateDocument,
): Promise<TemplateView> =>
  dataOf(
    seen === null
      ? await api.POST('/api/hand-out-templates', { body: template })
      : await api.PUT('/api/hand-out-templates/{id}', {
          params: { path: { id: seen.id }, header: { 'If-Match': `"${seen.revision}"` } },
          body: template,
        }),
  )

/** Every saved state of a template, the latest first. */
export const templateStatesQuery = ({ id, revision }: Pick<TemplateView, 'id' | 'revision'>) =>
  queryOptions({
    queryKey: ['hand-out-template-states', id, revision],
    queryFn: async ({ signal }) =>
      dataOf(await api.GET('/api/hand-out-templates/{id}/states', { params: { path: { id } }, signal })),
  })

/** How the practice presents itself. */
export const letterheadQuery = queryOptions({
  queryKey: ['letterhead'],
  queryFn: async ({ signal }) => dataOf(await api.GET('/api/letterhead', { signal })),
})

/** Presents the practice so. @throws Refusal with 409 if another state was saved since `revision` */
export const saveLetterhead = async (revision: number | null, letterhead: LetterheadDocument) =>
  dataOf(
    await api.PUT('/api/letterhead', {
      params: { header: revision === null ? {} : { 'If-Match': `"${revision}"` } },
      body: letterhead,
    }),
  )

/** Every saved state of the letterhead, the latest first. */
export const letterheadStatesQuery = (revision: number | null) =>
  queryOptions({
    queryKey: ['letterhead-states', revision],
    queryFn: async ({ signal }) => dataOf(await api.GET('/api/letterhead/states', { signal })),
  })

/** What a hand-out tells of: a case, and what its options are called. */
export type HandoutQuestion = { document: CaseDocument; titles: readonly string[] }

/** A hand-out as it would be today, as a PDF. */
export const handoutPdfQuery = (question: HandoutQuestion) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['hand-out-pdf', question.titles, question.document],
    queryFn: ({ signal }) => postForFile('/api/hand-outs/pdf', question, signal),
    retry: untilAnswered,
  })

/** What was issued of a case, the latest first. */
export const issuedQuery = (caseId: string) =>
  queryOptions({
    queryKey: ['issued', caseId],
    queryFn: async ({ signal }) =>
      dataOf(await api.GET('/api/cases/{id}/hand-outs', { params: { path: { id: caseId } }, signal })),
  })

/** Issues a hand-out of a case as it is saved. @throws Refusal with 409 if another state was saved since. */
export const issueHandout = async (
  caseId: string,
  revision: number,
  body: { titles: string[] },
): Promise<IssuedView> =>
  dataOf(
    await api.POST('/api/cases/{id}/hand-outs', {
      params: { path: { id: caseId }, header: { 'If-Match': `"${revision}"` } },
      body,
    }),
  )

/** An issued hand-out as a PDF. */
export const issuedPdf = async (id: string) => fileOf(await fetch(`/api/hand-outs/${id}/pdf`))
