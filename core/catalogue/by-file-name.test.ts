import { describe, expect, it } from 'vitest'
import { lureOfFile } from './by-file-name'

const lures = [
  { id: 'l1', name: 'Weir runner, pale' },
  { id: 'l2', name: 'Épinoche n° 3' },
  { id: 'l3', name: 'Twin' },
  { id: 'l4', name: 'twin' },
]

describe('the lure a picture is named after', () => {
  it.each([
    ['Weir runner, pale.jpg', 'l1'],
    ['weir_runner-pale.JPEG', 'l1'],
    ['weir runner pale (2).png', 'l1'],
    ['epinoche n 3.webp', 'l2'],
    ['l3.jpg', 'l3'],
  ])('%s', (file, id) => {
    expect(lureOfFile(file, lures)).toBe(id)
  })
  it('names none where none or two are meant', () => {
    expect(lureOfFile('IMG_2031.jpg', lures)).toBeNull()
    expect(lureOfFile('Twin.jpg', lures)).toBeNull()
    expect(lureOfFile('.jpg', lures)).toBeNull()
  })
})
