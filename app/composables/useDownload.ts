/** An address of something in memory is given back after this time: by then the browser has taken it [ms]. */
const TAKEN_MS = 60_000

/** Hands a text or bytes to the browser as a file to keep. */
export function useDownload() {
  return (name: string, content: BlobPart, type: string): void => {
    const url = URL.createObjectURL(new Blob([content], { type }))
    const link = document.createElement('a')
    link.href = url
    link.download = name
    link.click()
    setTimeout(() => URL.revokeObjectURL(url), TAKEN_MS)
  }
}
