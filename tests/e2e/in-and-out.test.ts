import { mkdirSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import sharp from 'sharp'
import { expect, it } from 'vitest'
import { openFor, type Opened } from './kovit'

const HOME = '.kovit-test/in-and-out'
/** A machine whose cores are busy may take this long; a quiet one takes 15 s. */
const BACK_MS = 240_000
const LIST = resolve('.kovit-test', 'lists', 'customers.csv')
let opened: Opened
openFor(HOME, (all) => {
  opened = all
})

const got = async (path: string) => {
  const answer = await fetch(`${opened.kovit.address}${path}`)
  // The mark at the head is kept: a decoder would swallow it.
  return { status: answer.status, text: Buffer.from(await answer.arrayBuffer()).toString('utf8') }
}
const dogs = async () => (await got('/rules/in-and-out/sheets/dogs.csv')).text.trim().split('\r\n').length - 1
const page = () => opened.page
/** How many dogs the backup of the first test holds. */
let backedUp = 0

it('a backup is made while the house works, is read back, and can be taken along', async () => {
  const { driver, kovit } = opened
  await driver.get(`${kovit.address}/rules/in-and-out`)
  await page().sees('There is no backup yet.')
  backedUp = await dogs()
  await page().press('Back up now')
  await page().sees('read back and whole')
  await page().find("//ul[@aria-label='Archives']/li")
  const file = await (await page().find("//ul[@aria-label='Archives']//a")).getAttribute('href')
  const bytes = Buffer.from(await (await fetch(String(file))).arrayBuffer())
  expect(bytes.subarray(0, 2).toString()).toBe('PK')
  expect(bytes.subarray(-64).toString()).toMatch(/^[0-9a-f]{64}$/)
})

it('sheets are CSV with a head, and the book is a calendar; what leads elsewhere is nothing', async () => {
  expect((await got('/rules/in-and-out/sheets/owners.csv')).text).toMatch(/^\uFEFFhousehold,name,phone,.*\r\n/)
  expect((await got('/rules/in-and-out/sheets/minutes.csv')).text).toMatch(/stage,planned_min,done_min\r\n/)
  expect((await got('/rules/in-and-out/sheets/book.ics')).text).toMatch(/^BEGIN:VCALENDAR/)
  for (const path of ['sheets/staff.csv', 'files/..%2Fdatabase.json', 'files/nothing.zip'])
    expect((await got(`/rules/in-and-out/${path}`)).status).toBe(404)
})

it('a list is brought in: columns guessed, what cannot be read named, who is there found, and taken back', async () => {
  const { driver, kovit } = opened
  const before = await dogs()
  const [, owner = ''] = (await got('/rules/in-and-out/sheets/owners.csv')).text.split('\r\n')
  const phone = owner.split(',')[2] ?? ''
  mkdirSync(join(LIST, '..'), { recursive: true })
  const rows = [
    'Customer;Telephone;Pet name;Breed;Weight (kg);Date of birth',
    'Ada Birk;01632 961001;Otterling;lagotto;14,5;13.4.2020',
    `Somebody;${phone};Nutmeg;Havanese;heavy;`,
    'Carla Carrow;01632 961003;Pip;zorgle;;',
  ]
  writeFileSync(LIST, Buffer.from(rows.join('\r\n'), 'latin1'))
  await driver.get(`${kovit.address}/dogs/bring-in`)
  await page().giveFile(LIST)
  await page().press('Read all 3 rows')
  await page().sees('2 rows can be brought in, 1 cannot; 1 cells of the others cannot be read.')
  await page().sees('Neither coat nor breed is known: no plan could be made. The row stays behind.')
  await page().press('See what it would make')
  await page().sees('2 dogs and 2 people: 1 new households, 1 that are there get somebody more.')
  expect(await dogs()).toBe(before)
  await page().press('Bring 2 dogs in')
  await page().sees('customers.csv is brought in: 2 dogs and 2 people.')
  expect(await dogs()).toBe(before + 2)
  await page().press('Take back')
  await page().sees('taken back')
  expect(await dogs()).toBe(before)
})

it('a drawer of scribbled cards is read, asked back and kept, dog by dog; what is typed stays on the device', async () => {
  const { driver, kovit } = opened
  await driver.get(`${kovit.address}/dogs/first-cards`)
  const text = await page().find('//textarea')
  await text.sendKeys('Quill: 5F on the body, legs 4, ears as they are\nNobody Known: 4F all over')
  await driver.navigate().refresh()
  await page().press('Read them')
  await page().sees('One thing is to ask first.')
  await page().sees('no dog of this name')
  await page().find("//button[starts-with(., 'Keep as version') and @disabled]")
  await page().click("//section[@aria-label='To ask back']//button[contains(., 'comb 4')]")
  // What was answered is on the device as well.
  await page().find("//button[starts-with(., 'Keep as version') and not(@disabled)]")
  await driver.navigate().refresh()
  await page().press('Read them')
  await page().click("//button[starts-with(., 'Keep as version') and not(@disabled)]")
  await page().sees('1 of 2 cards made')
  await page().sees('No dog of this name comes here.')
  await page().press('Pass over')
  await page().sees('Every card of this drawer is done')
  const cards = (await got('/rules/in-and-out/sheets/cards.csv')).text.split('\r\n')
  const quill = cards.filter((line) => line.includes('Quill') && line.includes('saved'))
  expect(quill.some((line) => /,back,.*5F/.test(line))).toBe(true)
  await page().press('Empty the drawer')
  await page().press('Put it back')
  expect(await (await page().find('//textarea')).getAttribute('value')).toContain('Nobody Known')
  await page().press('Empty the drawer')
})

it('a picture of a paper card is kept beside the dog’s card, taken away and put back', async () => {
  const { driver, kovit } = opened
  const path = join(LIST, '..', 'paper.jpg')
  await sharp({ create: { width: 600, height: 400, channels: 3, background: '#e8dcc0' } }).toFile(path)
  await driver.get(`${kovit.address}/dogs/2/card`)
  await page().sees('No picture of a paper card is kept.')
  await page().giveFile(path)
  await page().sees('kept just now')
  await driver.navigate().refresh()
  const paper = await page().find("//img[starts-with(@alt, 'Paper card of')]")
  const wide = () => driver.executeScript<number>('return arguments[0].naturalWidth', paper)
  await driver.wait(async () => (await wide()) === 600, 10_000)
  await page().press('Take away')
  await page().sees('No picture of a paper card is kept.')
  await page().press('Put it back')
  await page().find("//img[starts-with(@alt, 'Paper card of')]")
  writeFileSync(path, 'no picture')
  await page().giveFile(path)
  await page().sees('This file is no picture.')
})

it('a dog’s file goes along to its next groomer, and is taken in from one, into its household', async () => {
  const { driver, kovit } = opened
  await driver.get(`${kovit.address}/dogs/1/hand-over`)
  await page().sees('What to know.')
  const file = JSON.parse((await got('/dogs/1/hand-over/file')).text) as { owner: unknown; dog: { name: string } }
  expect(file.owner).toBeNull()
  const wanted = JSON.parse((await got('/dogs/1/hand-over/file?owner=yes')).text) as typeof file
  expect(wanted.owner).not.toBeNull()
  expect((await got('/dogs/99999/hand-over/file')).status).toBe(404)
  const before = await dogs()
  const path = join(LIST, '..', 'sedge.kovit-dog.json')
  writeFileSync(path, JSON.stringify({ ...wanted, from: 'Gull Quay', dog: { ...file.dog, name: 'Sedge' } }))
  await driver.get(`${kovit.address}/dogs/bring-in`)
  await page().giveFile(path)
  await page().sees('Sedge, from Gull Quay')
  await page().find(
    "//fieldset[contains(., 'Into which household?')]//button[contains(., 'by its number') and @aria-pressed='true']",
  )
  await page().press('Take Sedge in')
  await page().sees('Sedge is taken in, with')
  expect(await dogs()).toBe(before + 1)
  writeFileSync(path, '{"kovit": "kovit-dog/2"}')
  await page().giveFile(path)
  await page().sees('This file is of a newer Kovit')
})

it('appointments out of a calendar are matched with dogs, booked, and taken back', async () => {
  const { driver, kovit } = opened
  const day = new Date(Date.now() + 40 * 864e5).toISOString().slice(0, 10).replaceAll('-', '')
  const event = (summary: string, hour: string) => [
    'BEGIN:VEVENT',
    `UID:${summary}`,
    `SUMMARY:${summary}`,
    `DTSTART:${day}T${hour}0000`,
    `DTEND:${day}T${hour}3000`,
    'END:VEVENT',
  ]
  const path = join(LIST, '..', 'book.ics')
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    ...event('Quill groom', '10'),
    ...event('Dentist', '12'),
    'END:VCALENDAR',
  ]
  writeFileSync(path, lines.join('\r\n'))
  await driver.get(`${kovit.address}/dogs/bring-in`)
  await page().giveFile(path)
  await page().press('Wren')
  await page().press('Read the calendar')
  await page().sees('no dog of this name')
  const box = await page().find("//input[@aria-label[starts-with(., 'Book Quill groom')]]")
  if (!(await box.isSelected())) await box.click()
  await page().press('Book 1 appointment')
  await page().sees('book.ics is brought in: 1 appointments.')
  await page().click("//li[contains(., 'book.ics')]//button[.='Take back']")
  await page().find("//li[contains(., 'book.ics')]//span[starts-with(., 'taken back')]")
})

it('a house is brought back beside the one that is there, and opened', async () => {
  const { driver, kovit } = opened
  const before = await dogs()
  await driver.get(`${kovit.address}/dogs/bring-in`)
  await page().giveFile(LIST)
  await page().press('Read all 3 rows')
  await page().press('See what it would make')
  await page().press('Bring 2 dogs in')
  await page().sees('is brought in')
  expect(await dogs()).toBe(before + 2)
  expect(backedUp).toBeLessThan(before + 2)
  await driver.get(`${kovit.address}/rules/in-and-out`)
  await page().press('Bring back')
  await page().press('Look into it')
  await page().sees('It is opened in place of the house as it is now.')
  await page().click("//button[starts-with(., 'Bring Tern Harbour')]")
  // A whole house is read and written, and the pages are started anew.
  await driver.wait(async () => (await dogs().catch(() => 0)) === backedUp, BACK_MS, 'the house did not come back')
  await page().find("//button[.='Back up now' and not(@disabled)]")
})
