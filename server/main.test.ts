import { expect, test } from '@jest/globals';
import { spawn } from 'node:child_process';
import net from 'node:net';
import { networkInterfaces } from 'node:os';

/** A port that nobody has, as far as one can know. */
const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = net.createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as net.AddressInfo;
      probe.close(() => resolve(port));
    });
  });

const answers = (host: string, port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const socket = net.connect({ host, port, timeout: 1000 }, () => (socket.destroy(), resolve(true)));
    socket.on('error', () => resolve(false));
    socket.on('timeout', () => (socket.destroy(), resolve(false)));
  });

/** Starts the server as the demo does, and gives what it said first. */
async function started(env: Record<string, string>): Promise<{ said: string; stop: () => void }> {
  const child = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    env: { ...process.env, ...env },
  });
  const said = await new Promise<string>((resolve) => {
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (buffer: Buffer) => resolve(String(buffer)));
  });
  return { said, stop: () => child.kill() };
}

test('listens on this machine alone unless HOST says more', async () => {
  const port = await freePort();
  const { said, stop } = await started({ PORT: String(port), HOST: '' });
  try {
    expect(said).toContain(`http://localhost:${port}`);
    expect(await answers('127.0.0.1', port)).toBe(true);
    const outside = Object.values(networkInterfaces())
      .flat()
      .filter((i) => i && !i.internal && i.family === 'IPv4');
    for (const i of outside)
      expect([i!.address, await answers(i!.address, port)]).toEqual([i!.address, false]);
    // another loopback address is not this one
    expect(await answers('127.0.0.2', port)).toBe(false);
  } finally {
    stop();
  }
}, 30_000);

test('a HOST that is none of this machine is told', async () => {
  const { said, stop } = await started({ PORT: String(await freePort()), HOST: '203.0.113.9' });
  stop();
  expect(said).toContain('HOST must be an address of this machine');
}, 30_000);
