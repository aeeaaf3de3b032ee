import { describe, expect, it } from 'vitest'
import { decoded, readTextFile } from './readTextFile'

describe('a text file', () => {
  it.each([
    ['UTF-8', [0x47, 0xc3, 0xa4]],
    ['UTF-8 with its mark', [0xef, 0xbb, 0xbf, 0x47, 0xc3, 0xa4]],
    ['UTF-16, little end first', [0xff, 0xfe, 0x47, 0x00, 0xe4, 0x00]],
    ['UTF-16, big end first', [0xfe, 0xff, 0x00, 0x47, 0x00, 0xe4]],
    ['the Windows code page', [0x47, 0xe4]],
  ])('is read from %s', (_, bytes) => expect(decoded(new Uint8Array(bytes))).toBe('Gä'))

  it('is refused where it is too large', async () => {
    await expect(readTextFile(new Blob([new Uint8Array(7 * 1024 * 1024)]))).rejects.toThrow('7.0 MB')
  })
})
