// Opens web pages in a headless browser as a phone, a desk and a printer see them, and says what is
// wrong with them: what the accessibility rules find, what is wider than the screen, and what a page
// loads from elsewhere.
//
//   node check.mjs PAGE…          CHROMIUM=/usr/bin/chromium
import { chromium } from 'playwright-core';
import axe from 'axe-core';
import { pathToFileURL } from 'node:url';

const SCREENS = [
  { name: 'phone', viewport: { width: 390, height: 844 } },
  { name: 'desk', viewport: { width: 1280, height: 800 } },
  { name: 'paper', viewport: { width: 794, height: 1123 }, media: 'print' },
];
const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
let wrong = 0;
const complain = (page, screen, what) => {
  wrong++;
  console.log(`${page} (${screen.name}): ${what}`);
};

for (const file of process.argv.slice(2)) {
  for (const screen of SCREENS) {
    // Scripts are only for the checker: the page itself must not need any.
    const context = await browser.newContext({ viewport: screen.viewport });
    const page = await context.newPage();
    page.on('request', (request) => {
      if (!/^(file|data|blob):/.test(request.url())) {
        complain(file, screen, `loads ${request.url()}`);
      }
    });
    page.on('pageerror', (error) => complain(file, screen, error.message));
    await page.emulateMedia({ media: screen.media ?? 'screen' });
    await page.goto(pathToFileURL(file).href);
    const over = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth
    );
    if (over > 1) {
      complain(file, screen, `is ${over} pixels wider than the screen`);
    }
    await page.evaluate(axe.source);
    const found = await page.evaluate(
      (tags) => axe.run(document, { runOnly: { type: 'tag', values: tags } }),
      RULES
    );
    for (const violation of found.violations) {
      const first = violation.nodes[0];
      complain(
        file,
        screen,
        `${violation.id}: ${violation.help} (${violation.nodes.length} times, such as ${first.target})`
      );
    }
    await context.close();
  }
}
await browser.close();
if (wrong > 0) {
  process.exit(1);
}
