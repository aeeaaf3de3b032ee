/** Without it spreadsheets misread letters beyond ASCII. */
const BYTE_ORDER_MARK = '\ufeff'

/** As comma-separated values (RFC 4180), as the server writes them. What a spreadsheet would take for a formula is kept a text. */
export const asCsv = (rows: readonly (readonly string[])[]) =>
  BYTE_ORDER_MARK +
  rows.map((row) => row.map((cell) => quoted(harmless(cell))).join(',')).join('\r\n') +
  '\r\n'

const harmless = (text: string) =>
  /^'*[=+@\t\r-]/.test(text) && Number.isNaN(Number(text)) ? `'${text}` : text

const quoted = (text: string) => (/[",\r\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text)
