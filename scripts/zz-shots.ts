import { writeFileSync } from 'node:fs'
import { openBrowser, Page } from '../tests/e2e/browser'
const [, , w, h, ...rest] = process.argv
async function main() {
  const driver = await openBrowser(Number(w) + 15, Number(h) + 140)
  const page = new Page(driver)
  const snap = async (name: string) => writeFileSync(`/tmp/${name}.png`, await driver.takeScreenshot(), 'base64')
  try {
    for (const step of rest) {
      const [verb, ...args] = step.split('~')
      if (verb === 'go') {
        await driver.get('http://127.0.0.1:3000' + args[0])
        await driver.sleep(900)
      } else if (verb === 'press') {
        await page.press(args[0]!)
        await driver.sleep(500)
      } else if (verb === 'keys') {
        await (await page.find(args[0]!)).sendKeys(args[1]!)
        await driver.sleep(300)
      } else if (verb === 'click') {
        await (await page.find(args[0]!)).click()
        await driver.sleep(300)
      } else if (verb === 'scroll') {
        await driver.executeScript(`window.scrollTo(0, ${args[0]})`)
        await driver.sleep(200)
      } else if (verb === 'js') {
        console.log(await driver.executeScript(args[0]!))
      } else if (verb === 'snap') await snap(args[0]!)
    }
  } finally {
    await driver.quit()
  }
}
void main()
