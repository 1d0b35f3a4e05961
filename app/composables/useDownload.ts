/** Hands a text to the browser as a file to keep. */
export function useDownload() {
  return (name: string, text: string, type: string): void => {
    const url = URL.createObjectURL(new Blob([text], { type }))
    const link = document.createElement('a')
    link.href = url
    link.download = name
    link.click()
    setTimeout(() => URL.revokeObjectURL(url), 10_000)
  }
}
