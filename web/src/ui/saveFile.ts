/** Hands contents to the browser as a file to be saved. */
export function saveFile(name: string, contents: Blob) {
  const address = URL.createObjectURL(contents)
  const link = document.createElement('a')
  link.href = address
  link.download = name.replace(/[\\/:*?"<>|]/g, ' ')
  link.click()
  URL.revokeObjectURL(address)
}
