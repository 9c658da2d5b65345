/** A table as spreadsheets write it: its first line may say what parts the cells, “sep=;”. */
export function separated(text: string): { readonly text: string; readonly delimiter?: string } {
  const bare = text.replace(/^\uFEFF/, '')
  const [line, delimiter] = /^"?sep=([^\r\n"])"?\r?\n/i.exec(bare) ?? []
  return line === undefined || delimiter === undefined
    ? { text: bare }
    : { text: bare.slice(line.length), delimiter }
}
