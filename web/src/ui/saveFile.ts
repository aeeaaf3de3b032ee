/** Hands a text to the browser as a file to be saved. */
export function saveFile(name: string, type: string, text: string) {
  const address = URL.createObjectURL(new Blob([text], { type: `${type};charset=utf-8` }))
  const link = document.createElement('a')
  link.href = address
  link.download = name.replace(/[\\/:*?"<>|]/g, ' ')
  link.click()
  URL.revokeObjectURL(address)
}
