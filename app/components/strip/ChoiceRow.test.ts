import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import ChoiceRow from './ChoiceRow.vue'

async function tapped(props: { readonly many?: boolean; readonly none?: boolean }, chosen: string[], option: string) {
  const wrapper = mount(ChoiceRow, { props: { label: 'seen', options: ['birds', 'bait'], chosen, ...props } })
  await wrapper
    .findAll('button')
    .find(button => button.text() === option)!
    .trigger('click')
  return wrapper.emitted<[string[]]>('change')?.[0]?.[0]
}

describe('a row of choices', () => {
  it('one is chosen in place of the other', async () => expect(await tapped({}, ['birds'], 'bait')).toEqual(['bait']))
  it('of many, what is chosen is added and taken away', async () => {
    expect(await tapped({ many: true }, ['birds'], 'bait')).toEqual(['birds', 'bait'])
    expect(await tapped({ many: true }, ['birds', 'bait'], 'birds')).toEqual(['bait'])
  })
  it('the last of many goes only where there may be none', async () => {
    expect(await tapped({ many: true }, ['birds'], 'birds')).toBeUndefined()
    expect(await tapped({ many: true, none: true }, ['birds'], 'birds')).toEqual([])
  })
})
