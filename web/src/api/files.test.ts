import { describe, expect, it } from 'vitest'
import { fileName } from './files'

describe('fileName', () => {
  it('reads the name that can hold any letter', () => {
    expect(
      fileName(`attachment; filename="=?UTF-8?Q?x?="; filename*=UTF-8''Zo%C3%AB%27s%20home%202026-11-26.pdf`),
    ).toBe('Zoë’s home 2026-11-26.pdf'.replace('’', "'"))
  })

  it('has a name where none was sent', () => {
    expect(fileName('')).toBe('Impendium')
  })
})
