import { spawn, type ChildProcess } from 'node:child_process';

/** The real program on records of its own, for tests that end it. */
export async function startedProgram(data: string): Promise<{ child: ChildProcess; address: URL }> {
  const child = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    env: { ...process.env, NODE_OPTIONS: '', DATA: data, PORT: '0', HOST: '127.0.0.1' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await new Promise<URL>((resolve, reject) => {
    child.stdout.on('data', (text: Buffer) => {
      const told = /http:\/\/[\d.:]+/.exec(String(text));
      if (told) resolve(new URL(told[0]));
    });
    child.once('exit', () => reject(new Error('the server ended before it listened')));
  });
  return { child, address };
}
