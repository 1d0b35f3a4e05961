import { onMounted } from 'vue'

/** The browser's queue of files that the installed app was opened with (Web App Launch Handling; not every browser has it). */
interface LaunchQueue {
  setConsumer(take: (launch: { readonly files?: readonly { getFile(): Promise<File> }[] }) => void): void
}

/** Hands over the file that the installed app was opened with, where the browser has such a thing. */
export function useLaunchedFile(take: (file: File) => unknown): void {
  onMounted(() => {
    const { launchQueue } = window as { launchQueue?: LaunchQueue }
    launchQueue?.setConsumer(({ files }) => void files?.[0]?.getFile().then(take))
  })
}
