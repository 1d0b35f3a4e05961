import { computed } from 'vue'

const VIEWS = [{ id: 'cut', name: 'The cut' }, { id: 'what-if', name: 'What would change this?' }] as const
type View = typeof VIEWS[number]['id']

/** What is opened on Tie-on: in the address, so that a link leads to it, and kept while other pages are looked at. */
export function useTieOnChoice() {
  const route = useRoute()
  const { opened } = storeToRefs(useJudgementStore())
  const kept = useState<View>('tie-on-view', () => 'cut')
  const inAddress = (key: string) => (typeof route.query[key] === 'string' ? route.query[key] : null)

  // An address that names a lure wins over what was open before.
  if (inAddress('lure')) opened.value = inAddress('lure')
  const asked = VIEWS.find(v => v.id === inAddress('view'))
  if (asked) kept.value = asked.id

  const write = () => navigateTo({ query: { ...route.query, lure: opened.value ?? undefined, view: kept.value === 'cut' ? undefined : kept.value } }, { replace: true })
  const chosen = computed({
    get: () => opened.value,
    set: (id: string | null) => {
      opened.value = id
      void write()
    },
  })
  const view = computed({
    get: () => kept.value,
    set: (id: View) => {
      kept.value = id
      void write()
    },
  })
  return { chosen, view, VIEWS }
}
