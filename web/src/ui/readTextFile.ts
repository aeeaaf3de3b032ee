const MOST_BYTES = 6 * 1024 * 1024

/**
 * The text of a file, whether it was written as UTF-8, UTF-16 or in the Windows code page of western Europe.
 * @throws Error if it is too large to be a list that is typed or exported
 */
export async function readTextFile(file: Blob): Promise<string> {
  if (file.size > MOST_BYTES) {
    throw new Error(
      `The file has ${megabytes(file.size)} MB; at most ${megabytes(MOST_BYTES)} MB can be read.`,
    )
  }
  const bytes = new Uint8Array(await file.arrayBuffer())
  return decoded(bytes)
}

export function decoded(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes)
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes)
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return new TextDecoder('windows-1252').decode(bytes)
  }
}

const megabytes = (bytes: number) => (bytes / (1024 * 1024)).toFixed(1)
