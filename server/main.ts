import { createApp } from './app.js';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
const port = Number(process.env.PORT ?? 4173);
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  console.error(`PORT must be a number from 1 to 65535, not "${process.env.PORT}".`);
  process.exit(2);
}

/** Only this machine, unless told otherwise: plans are somebody's guests. */
const host = process.env.HOST?.trim() || '127.0.0.1';

const server = createApp(path.join(root, 'dist')).listen(port, host, (error?: Error) => {
  if (error) return fail(error);
  const shown = host === '127.0.0.1' ? 'localhost' : host;
  console.log(`Round Plate is served at http://${shown}:${port}`);
});
server.on('error', fail);

function fail(error: Error & { code?: string }): void {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken by another program. Choose another one: PORT=${port + 1} npm run demo`
      : error.code === 'EADDRNOTAVAIL' || error.code === 'ENOTFOUND'
        ? `HOST must be an address of this machine, not "${host}".`
        : `The server could not start: ${error.message}`,
  );
  process.exit(1);
}
