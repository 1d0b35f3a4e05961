import { useDebounceFn } from '@vueuse/core'
import { computed } from 'vue'
import { dialFromAddress, dialInAddress } from '~/text/dial-address'
import type { Dialled } from './useCourses'

const VIEWS = [
  { id: 'cut', name: 'The cut' },
  { id: 'what-if', name: 'What would change this?' },
] as const
type View = (typeof VIEWS)[number]['id']

/** A slider under the finger is written into the address when it has come to rest [ms]. */
const AT_REST_MS = 300

/** What is opened and turned on Tie-on: in the address, so that a link leads to it, and kept while other pages are looked at. */
export function useTieOnChoice() {
  const route = useRoute()
  const { opened } = storeToRefs(useJudgementStore())
  const kept = useState<View>('tie-on-view', () => 'cut')
  /** What was turned, and on which lure: another lure is shown as it is judged. */
  const turned = useState<{ lureId: string | null; dialled: Dialled }>('tie-on-dial', () => ({
    lureId: null,
    dialled: {},
  }))
  const inAddress = (key: string) => (typeof route.query[key] === 'string' ? route.query[key] : null)

  // An address that names a lure wins over what was open before.
  if (inAddress('lure')) opened.value = inAddress('lure')
  const asked = VIEWS.find(v => v.id === inAddress('view'))
  if (asked) kept.value = asked.id
  const dialAsked = inAddress('dial')
  const turnedAsked = inAddress('turned') ?? opened.value
  if (dialAsked !== null && turnedAsked !== null) {
    turned.value = { lureId: turnedAsked, dialled: dialFromAddress(dialAsked) }
    opened.value ??= turnedAsked
  }

  const dialOf = (id: string | null): Dialled => (id !== null && id === turned.value.lureId ? turned.value.dialled : {})
  const write = () => {
    // A page left meanwhile keeps its own address.
    if (route.path !== '/') return
    const { lureId, dialled } = turned.value
    const dial = dialInAddress(dialled)
    return navigateTo(
      {
        query: {
          ...route.query,
          lure: opened.value ?? undefined,
          view: kept.value === 'cut' ? undefined : kept.value,
          turned: dial && lureId !== opened.value ? lureId : undefined,
          dial,
        },
      },
      { replace: true },
    )
  }
  const writeAtRest = useDebounceFn(write, AT_REST_MS)
  function dial(lureId: string, dialled: Dialled) {
    turned.value = { lureId, dialled }
    void writeAtRest()
  }
  const chosen = computed({
    get: () => opened.value,
    set: (id: string | null) => {
      opened.value = id
      if (id !== null && id !== turned.value.lureId) turned.value = { lureId: null, dialled: {} }
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
  return { chosen, view, dialOf, dial, VIEWS }
}
