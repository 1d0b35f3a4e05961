import { readFileSync, writeFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import demo from '../../demo/box.json' with { type: 'json' }
import { comeBack, open } from './support'

const ALL = demo.lures.length
const JIGS = demo.lures.filter(l => l.box === 'Jigs').length
const RATTLES = demo.lures.filter(l => l.sound === 'rattle').length

const row = (page: Page, name: string) =>
  page.locator('.box-table tbody tr').filter({ has: page.getByRole('button', { name, exact: true }) })
const csv = (name: string, text: string | Buffer) => ({
  name,
  mimeType: 'text/csv',
  buffer: Buffer.from(text as string),
})
const chooseFile = (page: Page, file: string | { name: string; mimeType: string; buffer: Buffer }) =>
  page.locator('.zone input[type=file]').setInputFiles(file)

test('the search understands a weight, a metal, a kind and a box, and is kept', async ({ page }) => {
  await open(page, '/box')
  const search = page.getByLabel('Search the box')
  await search.fill('28g gold spinnerbait pike')
  await expect(page.locator('.box-table .open')).toHaveText(['Moor blade'])
  await expect(page.getByText('Looking for weight about 28.0 g · gold metal · kind: spinnerbait')).toBeVisible()
  await search.fill('1/2 oz')
  await expect(row(page, 'Hearth jig')).toBeVisible()
  await expect(row(page, 'Moor blade')).toHaveCount(0)
  await page.getByRole('button', { name: 'keep this search' }).click()
  await comeBack(page)
  await page.getByRole('list', { name: 'Kept searches' }).getByRole('button').first().click()
  await expect(row(page, 'Hearth jig')).toBeVisible()
  await expect(row(page, 'Moor blade')).toHaveCount(0)
})

test('any attribute narrows the table, and any can be a column to sort by', async ({ page }) => {
  await open(page, '/box')
  await page.getByRole('button', { name: 'Narrow by…' }).click()
  const form = page.getByRole('form', { name: 'Narrow by an attribute' })
  await form.locator('.value').click()
  await page.getByRole('option', { name: 'rattle' }).click()
  await form.getByRole('button', { name: 'Add' }).click()
  await expect(page.getByLabel('Search the box')).toHaveValue('sound:rattle')
  await expect(page.locator('.count')).toHaveText(`${RATTLES} of ${ALL} lures`)
  await page.getByRole('button', { name: 'Columns…' }).click()
  await page.getByRole('group', { name: 'Columns' }).getByRole('button', { name: 'thump' }).click()
  await page.getByRole('columnheader', { name: /thump/ }).getByRole('button').click()
  await expect(page.getByRole('columnheader', { name: /thump/ })).toHaveAttribute('aria-sort', 'descending')
})

test('many are changed at once, many are taken out, and both come back', async ({ page }) => {
  await open(page, '/box')
  await page.getByLabel('Search the box').fill('box:jigs')
  await page.getByLabel('Pick all that are found').click()
  const bar = page.getByRole('region', { name: 'Picked lures' })
  await expect(bar).toContainText(`${JIGS} picked`)
  await bar.getByLabel('to', { exact: true }).fill('Moved')
  await bar.getByLabel('to', { exact: true }).press('Tab')
  await bar.getByRole('button', { name: 'Set on all' }).click()
  await expect(page.locator('.undo')).toContainText(`Box is changed on ${JIGS} lures.`)
  await page.getByLabel('Search the box').fill('box:moved')
  await expect(page.locator('.count')).toHaveText(`${JIGS} of ${ALL} lures`)
  await bar.getByRole('button', { name: 'Take out' }).click()
  await expect(page.locator('.count')).toHaveText(`0 of ${ALL - JIGS} lures`)
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(page.locator('.count')).toHaveText(`${JIGS} of ${ALL} lures`)
  await page.locator('h1').click()
  await page.keyboard.press('Control+z')
  await expect(page.locator('.count')).toHaveText(`0 of ${ALL} lures`)
  await page.keyboard.press('Control+Shift+z')
  await expect(page.locator('.count')).toHaveText(`${JIGS} of ${ALL} lures`)
  // What was changed can be taken back after the page was left, too.
  await comeBack(page)
  await page.getByLabel('Search the box').fill('box:moved')
  await expect(page.locator('.count')).toHaveText(`${JIGS} of ${ALL} lures`)
  await page.locator('h1').click()
  await page.keyboard.press('Control+z')
  await expect(page.locator('.count')).toHaveText(`0 of ${ALL} lures`)
  await page.getByLabel('Search the box').fill('box:jigs')
  await expect(page.locator('.count')).toHaveText(`${JIGS} of ${ALL} lures`)
})

test('two lures side by side, with what differs marked', async ({ page }) => {
  await open(page, '/box')
  await page.getByLabel('Search the box').fill('weir')
  await page.getByLabel('Pick Weir runner', { exact: true }).click()
  await page.getByLabel('Pick Weir runner, ember').click()
  await page.getByRole('link', { name: 'Side by side' }).click()
  await expect(page.getByRole('columnheader', { name: 'Weir runner, ember' })).toBeVisible()
  await expect(page.getByRole('row', { name: /sound/ })).toHaveClass(/differs/)
  await expect(page.getByRole('row', { name: /^kind/ })).not.toHaveClass(/differs/)
  await page.getByLabel('only what differs').check()
  await expect(page.getByRole('row', { name: /^kind/ })).toHaveCount(0)
})

test('a lure is dragged to another slot, carried there by keys, and put back', async ({ page }) => {
  await open(page, '/box/trays')
  await page.getByRole('button', { name: /^River/ }).click()
  const slot = (name: string) => page.getByRole('group', { name: new RegExp(`^Slot ${name}:`) })
  const lure = slot('A1').getByRole('button', { name: 'Grannet, tin' })
  const [from, to] = [await lure.boundingBox(), await slot('C3').boundingBox()]
  await page.mouse.move(from!.x + from!.width / 2, from!.y + from!.height / 2)
  await page.mouse.down()
  await page.mouse.move(from!.x + 80, from!.y + 60, { steps: 5 })
  await page.mouse.move(to!.x + to!.width / 2, to!.y + to!.height / 2, { steps: 10 })
  await page.mouse.up()
  await expect(slot('C3').getByRole('button', { name: 'Grannet, tin' })).toBeVisible()
  await expect(slot('A1')).toHaveAccessibleName('Slot A1: empty')
  await expect(page.locator('.undo')).toContainText('Grannet, tin is now River, slot C3.')
  await slot('C3').getByRole('button', { name: 'Grannet, tin' }).press('Enter')
  await page.keyboard.press('ArrowLeft')
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('Enter')
  await expect(slot('B2').getByRole('button', { name: 'Grannet, tin' })).toBeVisible()
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(slot('C3').getByRole('button', { name: 'Grannet, tin' })).toBeVisible()
  await comeBack(page)
  await page.getByRole('button', { name: /^River/ }).click()
  await expect(slot('C3').getByRole('button', { name: 'Grannet, tin' })).toBeVisible()
})

test('a lure is dragged into another box', async ({ page }) => {
  await open(page, '/box/trays')
  await page.getByRole('button', { name: /^River/ }).click()
  const lure = page.locator('.lure').filter({ hasText: /^Skell$/ })
  const [from, to] = [await lure.boundingBox(), await page.getByRole('button', { name: /^Pike/ }).boundingBox()]
  await page.mouse.move(from!.x + 20, from!.y + 20)
  await page.mouse.down()
  await page.mouse.move(from!.x - 40, from!.y + 30, { steps: 6 })
  await page.mouse.move(to!.x + 60, to!.y + 20, { steps: 12 })
  await page.mouse.up()
  await expect(page.locator('.undo')).toContainText('Skell is now loose in Pike.')
  await page.getByRole('button', { name: /^Pike/ }).click()
  await expect(page.getByRole('group', { name: /^Loose/ }).getByRole('button', { name: 'Skell' })).toBeVisible()
})

test('an import shows each row before it writes: the bad one is refused, the rest goes in, and all comes back', async ({
  page,
}) => {
  await open(page, '/box/exchange')
  await chooseFile(
    page,
    csv(
      'baits.csv',
      'Bait;Type;Weight;Length (in)\nGrey one;spinner bait;1/2;4,5\nOdd one;teapot;3/8;2,5\nQuillback;paddle tail;3/8;4,7\n',
    ),
  )
  await expect(page.locator('.counts')).toHaveText('1 new · 1 changed · 0 the same · 1 refused')
  await expect(page.getByRole('row', { name: /line 3.*refused.*“teapot” is no kind of lure/ })).toBeVisible()
  await expect(page.getByRole('row', { name: /line 2.*Grey one.*14\.2\sg/ })).toBeVisible()
  await page.getByRole('button', { name: 'Put 2 in the box' }).click()
  await expect(page.locator('.undo')).toContainText('2 lures came in from baits.csv, 1 of them changed.')
  await page.getByRole('link', { name: 'Lures', exact: true }).click()
  await page.getByLabel('Search the box').fill('grey one')
  await expect(row(page, 'Grey one')).toContainText('114 mm')
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(page.locator('.count')).toHaveText(`0 of ${ALL} lures`)
})

test('a word that is not understood is said once, counts for all like rows, and is known in the next table', async ({
  page,
}) => {
  await open(page, '/box/exchange')
  const sheet =
    'Lure,Type,Color,Wt (oz),Hooks\nA,thingummy,black/blue,3/8,2 trebles #6\nB,Thingummy,sunset,heavy,\nC,popper,white,1/4,#4 treble x2\n'
  await chooseFile(page, csv('own.csv', sheet))
  await expect(page.locator('.counts')).toHaveText('1 new · 0 changed · 0 the same · 2 refused')
  await page.getByLabel('“thingummy” is').fill('Tube')
  await page.getByRole('option', { name: 'Tube', exact: true }).click()
  await expect(page.locator('.counts')).toHaveText('3 new · 0 changed · 0 the same · 0 refused')
  await expect(page.getByRole('row', { name: /line 3.*“heavy” is not a weight: left out/ })).toBeVisible()
  await page.getByRole('button', { name: 'Put 3 in the box' }).click()
  await chooseFile(page, csv('next.csv', 'Lure,Type\nD,thingummy\n'))
  await expect(page.locator('.counts')).toHaveText('1 new · 0 changed · 0 the same · 0 refused')
})

test('a list is pasted, one lure a line; the line that says nothing is mended where it stands', async ({ page }) => {
  await open(page, '/box/exchange')
  await page
    .getByLabel('Rows or a list')
    .fill('3/8 black blue jig, river, A3\n5" green pumpkin soft stick x12\nmystery')
  await page.getByRole('button', { name: 'Read what is pasted' }).click()
  await expect(page.locator('.counts')).toHaveText('2 new · 0 changed · 0 the same · 1 refused')
  await page.getByRole('button', { name: 'mend line 3' }).click()
  await page.locator('.mending input').fill('mystery tube')
  await page.getByRole('button', { name: 'Read it again' }).click()
  await page.getByRole('button', { name: 'Put 3 in the box' }).click()
  await page.getByRole('link', { name: 'Lures', exact: true }).click()
  await page.getByLabel('Search the box').fill('black blue jig')
  await expect(row(page, '3/8 black blue jig')).toContainText('10.6 g')
})

test('a table of 300 rows is planned and put in: nothing stays on “reading row”', async ({ page }) => {
  await open(page, '/box/exchange')
  await chooseFile(
    page,
    csv(
      'many.csv',
      `name,kind,weight (g)\n${Array.from({ length: 300 }, (_, i) => `Row ${i},tube,${i === 7 ? 'x' : 5}`).join('\n')}\n`,
    ),
  )
  await expect(page.locator('.counts')).toHaveText('300 new · 0 changed · 0 the same · 0 refused')
  await expect(page.locator('.progress')).toHaveCount(0)
  await page.getByRole('button', { name: 'Put 300 in the box' }).click()
  await expect(page.locator('.undo')).toContainText('300 lures came in')
})

test('one sheet for everything: lures, heads and rods come in together, and go out again in one step', async ({
  page,
}) => {
  await open(page, '/box/exchange')
  await chooseFile(
    page,
    csv(
      'all.csv',
      'Type,Name,Weight (oz),Size,Qty\nTube,Sheet tube,1/4,,3\nJig head,Sheet heads,5/16,2/0,10\nRod,Sheet rod 7.5 ft MH fast casting,,,1\n',
    ),
  )
  await expect(page.locator('.counts')).toHaveText('3 new · 0 changed · 0 the same · 0 refused')
  await expect(page.getByRole('row', { name: /line 3.*Sheet heads.*jig head.*8\.9\sg.*2\/0.*10 of it/ })).toBeVisible()
  await expect(
    page.getByRole('row', { name: /line 4.*Sheet rod.*rod · casting · 2\.3\sm · medium heavy · fast/ }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Put 3 in the box' }).click()
  await expect(page.locator('.undo')).toContainText('1 lure, 1 piece of hardware, 1 rod came in from all.csv')
  await page.getByRole('link', { name: 'Rods', exact: true }).click()
  await expect(page.getByText('Sheet rod 7.5 ft MH fast casting')).toBeVisible()
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(page.getByText('Sheet rod 7.5 ft MH fast casting')).toHaveCount(0)
})

test('a column can be taken for something else, and its unit changed', async ({ page }) => {
  await open(page, '/box/exchange')
  await chooseFile(page, csv('list.csv', 'name,kind,heft\nA,tube,1\n'))
  await page.getByLabel('heft is').fill('Weight')
  await page.getByRole('option', { name: 'Weight', exact: true }).click()
  await expect(page.getByRole('row', { name: /line 2.*1\.0\sg/ })).toBeVisible()
  await page.locator('.mapping .unit .v-select').first().click()
  await page.getByRole('option', { name: 'oz', exact: true }).click()
  await expect(page.getByRole('row', { name: /line 2.*28\.3\sg/ })).toBeVisible()
})

test('what is not a table is told apart, and nothing is lost', async ({ page }) => {
  await open(page, '/box/exchange')
  const alert = page.getByRole('alert')
  await chooseFile(page, {
    name: 'picture.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 0, 0, 13]),
  })
  await expect(alert).toContainText('neither a table nor an Ygrion file')
  await chooseFile(page, csv('empty.csv', ''))
  await expect(alert).toContainText('the file is empty')
  await chooseFile(page, csv('broken.json', '{ "format": "ygrion", "lures": ['))
  await expect(alert).toContainText('not readable as JSON')
  await chooseFile(page, csv('newer.json', '{ "format": "ygrion", "version": 9 }'))
  await expect(alert).toContainText('made by a newer Ygrion: version 9')
  await chooseFile(
    page,
    csv(
      'twice.json',
      JSON.stringify({
        format: 'ygrion',
        version: 1,
        lures: [
          { id: 'a', name: 'a', family: 'tube' },
          { id: 'a', name: 'b', family: 'tube' },
        ],
      }),
    ),
  )
  await expect(alert).toContainText('lures[1].id: stands twice in lures: "a"')
  const huge = test.info().outputPath('huge.csv')
  writeFileSync(huge, Buffer.alloc(101 * 1024 * 1024, 'x'))
  await chooseFile(page, huge)
  await expect(alert).toContainText('is 101 MB; files of up to 100 MB can be read')
  await chooseFile(page, csv('old.csv', Buffer.from('name,kind\nBr\xFCnnling,tube\n', 'latin1')))
  await expect(page.getByText('Windows-1252 (a guess')).toBeVisible()
  await expect(page.getByRole('row', { name: /line 2 new Brünnling/ })).toBeVisible()
  await page.getByRole('link', { name: 'Lures', exact: true }).click()
  await expect(page.locator('.count')).toHaveText(`${ALL} of ${ALL} lures`)
})

test('what goes out comes in again the same: the file and the table', async ({ page }) => {
  await open(page, '/box/exchange')
  const save = async (name: string) => {
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name }).click()])
    return readFileSync(await download.path())
  }
  const file = await save('Everything, as an Ygrion file')
  expect(JSON.parse(file.toString())).toEqual(JSON.parse(readFileSync('demo/box.json', 'utf8')))
  await chooseFile(page, { name: 'ygrion-box.json', mimeType: 'application/json', buffer: file })
  await expect(page.getByRole('row', { name: `lures 0 0 ${ALL}` })).toBeVisible()
  await page.getByRole('button', { name: 'leave it' }).click()
  await chooseFile(page, {
    name: 'ygrion-lures.csv',
    mimeType: 'text/csv',
    buffer: await save('Lures, as a table (CSV)'),
  })
  await expect(page.locator('.counts')).toHaveText(`0 new · 0 changed · ${ALL} the same · 0 refused`)
  await expect(page.getByRole('button', { name: 'Put 0 in the box' })).toBeDisabled()
})

test('colours are picked from a photo, and the photo can stand for the drawing', async ({ page }) => {
  await open(page, '/box')
  await page.getByLabel('Search the box').fill('tern kind:hair-jig')
  await page.getByRole('button', { name: 'Tern', exact: true }).click()
  const editor = page.getByRole('complementary', { name: 'Edit Tern' })
  await editor
    .getByText('From a file')
    .locator('input')
    .setInputFiles({ name: 'fake.png', mimeType: 'image/png', buffer: Buffer.from('no picture at all') })
  await expect(editor.getByRole('alert')).toContainText('fake.png could not be read as a picture')
  const png = await page.evaluate(() => {
    const canvas = document.createElement('canvas')
    canvas.width = 1600
    canvas.height = 1200
    const context = canvas.getContext('2d')!
    for (const [paint, x, y, w, h] of [
      ['#8c8c90', 0, 0, 1600, 1200],
      ['#2f7a3a', 300, 300, 1000, 200],
      ['#c8d020', 300, 500, 1000, 280],
      ['#e8702a', 300, 780, 1000, 120],
    ] as const) {
      context.fillStyle = paint
      context.fillRect(x, y, w, h)
    }
    return canvas.toDataURL('image/png').split(',')[1]!
  })
  await editor
    .getByText('From a file')
    .locator('input')
    .setInputFiles({ name: 'tern.png', mimeType: 'image/png', buffer: Buffer.from(png, 'base64') })
  await expect(editor.locator('.big img')).toBeVisible()
  expect(await editor.locator('.big img').evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(1000)
  await expect(row(page, 'Tern').locator('img')).toBeVisible()
  await editor.getByRole('button', { name: 'Paint back, side and belly from the photo' }).click()
  const channel = (hex: string, i: number) => Number.parseInt(hex.slice(1 + 2 * i, 3 + 2 * i), 16)
  for (const [zone, paint] of [
    ['back', '#2f7a3a'],
    ['side', '#c8d020'],
    ['belly', '#e8702a'],
  ] as const) {
    const off = async () => {
      const hex = await editor.getByLabel(zone, { exact: true }).inputValue()
      return Math.max(...[0, 1, 2].map(i => Math.abs(channel(hex, i) - channel(paint, i))))
    }
    await expect.poll(off).toBeLessThan(12)
  }
  await editor.getByRole('button', { name: 'Show the drawing' }).click()
  await expect(editor.locator('.big svg')).toBeVisible()
  await editor.getByRole('button', { name: 'remove', exact: true }).click()
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(editor.getByRole('button', { name: 'Show the photo' })).toBeVisible()
})

test('hardware is counted, and a dressed lure weighs what hangs on the rod', async ({ page }) => {
  await open(page, '/box/parts')
  await page.getByRole('button', { name: 'One belly hook 5 g less' }).click()
  await expect(
    page
      .getByRole('row')
      .filter({ has: page.getByRole('button', { name: 'One belly hook 5 g less' }) })
      .locator('.stock b'),
  ).toHaveText('2')
  const dress = page.getByRole('region', { name: 'Dressed lures' })
  await dress.getByLabel('Lure', { exact: true }).fill('Hearth jig')
  await page.getByRole('option', { name: 'Hearth jig', exact: true }).click()
  await dress.getByLabel('Trailer', { exact: true }).fill('Curl')
  await page.getByRole('option', { name: 'Curl', exact: true }).click()
  await expect(dress.locator('.total b')).toHaveText('18.0 g') // 14.2 + 3.8
  await dress.getByRole('button', { name: 'Keep it dressed so' }).click()
  const kept = dress.getByRole('listitem').filter({ hasText: 'Hearth jig with Curl' })
  await expect(kept).toContainText('18.0 g')
  await kept.getByRole('button', { name: /^Undress/ }).click()
  await expect(kept).toHaveCount(0)
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(kept).toHaveCount(1)
})

test('coverage: a field lists its lures; one lure that would add most is named', async ({ page }) => {
  await open(page, '/box/coverage')
  const field = page.getByRole('button', { name: /^2–3.5, 0.4–0.7: \d+ lures/ })
  const count = Number(/: (\d+) lures/.exec((await field.getAttribute('aria-label'))!)![1])
  await field.press('Enter')
  await expect(page.locator('.cell li')).toHaveCount(count)
  await page.getByRole('button', { name: 'Work it out' }).click()
  await expect(
    page.getByRole('region', { name: 'What one lure would add' }).getByRole('listitem').first(),
  ).toContainText(/would (raise|be no better)/)
})

test('labels carry the weight that was weighed', async ({ page }) => {
  await open(page, '/box/labels')
  await page.getByLabel('Search the box').fill('"weir runner" family:crankbait -ember -pale')
  await expect(page.locator('.label')).toHaveCount(1)
  await expect(page.locator('.label .weight')).toHaveText('12.6 g')
  await expect(page.locator('.label')).toContainText('Lake plugs A1')
  await page.getByLabel('Labels already used').fill('3')
  const [label, sheet] = [await page.locator('.label').boundingBox(), await page.locator('.sheet').boundingBox()]
  expect(label!.x - sheet!.x).toBeGreaterThan(sheet!.width / 2)
})

test.describe('with a thumb', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })
  test('a long press on a row brings its deeds; one more is taken back; the head stays below the water', async ({
    page,
  }) => {
    await open(page, '/box')
    const name = row(page, 'Moor blade').locator('.open')
    const at = (await name.boundingBox())!
    await page.mouse.move(at.x + 8, at.y + 8)
    await page.mouse.down()
    await page.waitForTimeout(700)
    await page.mouse.up()
    const deeds = page.getByRole('dialog', { name: 'Moor blade: the usual deeds' })
    await expect(deeds).toBeVisible()
    await expect(page.getByLabel('Pieces')).toHaveCount(0)
    const before = (await deeds.locator('.figure').textContent())!
    await deeds.getByRole('button', { name: 'one more' }).click()
    await expect(deeds.locator('.figure')).not.toHaveText(before)
    await page.getByRole('button', { name: 'Take it back' }).click()
    await deeds.getByRole('button', { name: 'close' }).click()
    await expect(deeds).toHaveCount(0)
    await page.mouse.wheel(0, 1200)
    const [strip, head] = [page.locator('.strip'), page.locator('.box-table thead th.name')]
    await expect
      .poll(async () => {
        const [above, below] = [(await strip.boundingBox())!, (await head.boundingBox())!]
        return Math.abs(below.y - (above.y + above.height))
      })
      .toBeLessThan(2)
  })
})
