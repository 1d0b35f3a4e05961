import { computed, ref, watch } from 'vue'
import type { Message } from '#core/message'
import { type Dimension, formatNumber, formatQuantity, type QuantityRange, shownUnit, takeQuantity } from '#core/units'
import { told } from '~/text/told'

export interface QuantityProps extends QuantityRange {
  readonly label: string
  readonly dimension: Dimension
  /** In the kept unit; `null`: not known. */
  readonly value: number | null | undefined
}

/**
 * What every field for a quantity does: either system at any time, a bare number in the unit beside the field, what was understood told back,
 * what cannot be refused in words, what is unlikely asked about once. `emit` gets the kept unit. `bare`: the field shows the figure alone, its unit stands beside it.
 */
export function useQuantity(
  props: QuantityProps,
  emit: (value: number | null) => void,
  { bare = false }: { readonly bare?: boolean } = {},
) {
  const { units } = storeToRefs(useSettingsStore())
  const typed = ref('')
  const message = ref('')
  /** The doubtful text that was asked about; the same once more is meant. */
  const asked = ref('')
  /** The text that was handed on last: Enter and leaving the field are one deed. */
  let sent: string | null = null
  const symbol = computed(() => shownUnit(props.dimension, units.value).symbol)
  const shown = computed(() =>
    props.value == null
      ? ''
      : (bare ? formatNumber : formatQuantity)(props.dimension, props.value, { system: units.value }),
  )

  function restore(): void {
    typed.value = shown.value
    message.value = ''
    asked.value = ''
    sent = null
  }
  watch(shown, restore, { immediate: true })

  /** What is being typed, as it is understood so far: said where it is not what stands there. */
  const understood = computed(() => {
    if (typed.value === shown.value) return ''
    const taken = takeQuantity(props.label, props.dimension, typed.value, units.value, props)
    return taken.ok ? taken.understood : ''
  })

  async function say(what: Message): Promise<void> {
    const about = typed.value
    const words = await told(what, units.value)
    // What was typed meanwhile is another matter.
    if (about === typed.value) message.value = `${words}.`
  }

  function take(): void {
    if (typed.value === sent) return
    if (typed.value === shown.value) {
      message.value = ''
      return
    }
    const taken = takeQuantity(props.label, props.dimension, typed.value, units.value, props)
    if (!taken.ok) {
      void say(taken.message)
      return
    }
    if (taken.doubt && asked.value !== typed.value) {
      asked.value = typed.value
      void say(taken.doubt)
      return
    }
    message.value = ''
    asked.value = ''
    if (taken.value === (props.value ?? null)) return restore()
    sent = typed.value
    emit(taken.value)
  }
  /** Nothing stands in the field that was not handed on: refused, or asked about. */
  const isSettled = (): boolean => typed.value === shown.value || typed.value === sent
  return { typed, message, symbol, shown, understood, take, restore, isSettled, units }
}
