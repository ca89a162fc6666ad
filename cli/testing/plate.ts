import { runPlate } from '../run.js';

/** What a verb said, and with which code it ended. */
export interface Answer {
  code: number | null;
  out: string;
  json: <T>() => T;
  error: () => { error: { kind: string; message: string; problems?: unknown } };
}

export const answer = (code: number | null, out: string, err: string): Answer => ({
  code,
  out,
  json: <T>() => JSON.parse(out) as T,
  error: () => JSON.parse(err.trim().split('\n').at(-1) ?? '') as never,
});

/** The verb itself, without starting a process. */
export async function plate(
  args: string[],
  input = '',
  files: Record<string, string | Uint8Array> = {},
): Promise<Answer> {
  let [out, err] = ['', ''];
  const code = await runPlate(args, {
    read: (file) => {
      if (file === '-') return input;
      if (!(file in files)) throw new Error('no such file');
      return String(files[file]!);
    },
    write: (file, text) => {
      if (file.startsWith('/no/such/')) throw new Error('no such folder');
      files[file] = text;
    },
    shoot: () => undefined,
    out: (text) => void (out += text),
    err: (text) => void (err += text),
    now: () => 0,
  });
  return answer(code, out, err);
}
