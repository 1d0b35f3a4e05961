import { ref } from 'vue'

const isShown = ref(false)

/** Whether the help of the page is open; the same for all who ask. */
export const useHelp = () => ({ isShown })
