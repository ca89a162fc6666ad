import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const NAMES = ['chromium', 'chromium-browser', 'google-chrome'];
const FLAGS = [
  '--headless',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--hide-scrollbars',
];
const WAIT_MS = 60_000;

/** An SVG drawing as a PNG, by the Chromium that this machine has; undefined where it has none. */
export function shoot(svg: string, width: number, height: number): Uint8Array | undefined {
  const name = NAMES.find((name) => spawnSync(name, ['--version']).status === 0);
  if (!name) return undefined;
  const folder = mkdtempSync(join(tmpdir(), 'plate-'));
  try {
    const [page, out] = [join(folder, 'board.html'), join(folder, 'board.png')];
    const picture = `data:image/svg+xml;base64,${Buffer.from(svg).toString('base64')}`;
    writeFileSync(
      page,
      `<body style="margin:0"><img style="display:block;width:${width}px;height:${height}px" src="${picture}">`,
    );
    const done = spawnSync(
      name,
      [
        ...FLAGS,
        `--user-data-dir=${join(folder, 'profile')}`,
        `--window-size=${width},${height}`,
        `--screenshot=${out}`,
        `file://${page}`,
      ],
      { timeout: WAIT_MS },
    );
    if (done.status !== 0) throw new Error('Chromium did not draw the picture');
    return readFileSync(out);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
