import { createApp } from './app.js';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
const port = Number(process.env.PORT ?? 4173);
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  console.error(`PORT must be a number from 1 to 65535, not "${process.env.PORT}".`);
  process.exit(2);
}

const server = createApp(path.join(root, 'dist')).listen(port, (error?: Error) => {
  if (error) return fail(error);
  console.log(`Round Plate is served at http://localhost:${port}`);
});
server.on('error', fail);

function fail(error: Error & { code?: string }): void {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken by another program. Choose another one: PORT=${port + 1} npm run demo`
      : `The server could not start: ${error.message}`,
  );
  process.exit(1);
}
