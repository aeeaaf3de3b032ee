import { describe, expect, it } from 'vitest'
import { asCsv } from './csv'

describe('values separated by commas', () => {
  it('quotes what would break a line', () => {
    expect(asCsv([['a,b', 'say "so"']])).toBe('\ufeff"a,b","say ""so"""\r\n')
  })

  it('keeps a formula a text, and a negative number a number', () => {
    expect(asCsv([['=1+1', '@sum', '-12.30', '-x']])).toBe("\ufeff'=1+1,'@sum,-12.30,'-x\r\n")
  })
})
