import { chromium } from '@playwright/test';
const [url, out, w = '1240', h = '640'] = process.argv.slice(2);
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--headless', '--no-sandbox', '--disable-gpu'] });
const p = await b.newPage({ viewport: { width: +w, height: +h } }); await p.goto(url); await p.waitForTimeout(300); await p.screenshot({ path: out }); await b.close();
