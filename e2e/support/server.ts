import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

const ROOT = path.join(__dirname, '..', '..');
const READY = /Elixa is ready:\s+(http:\S+)/;

/** A server of its own in a folder of its own, that can be killed and started again on the same data and port. */
export class ElixaServer {
  readonly data = mkdtempSync(path.join(tmpdir(), 'elixa-e2e-'));
  private child: ChildProcess | undefined;
  url = '';

  constructor(private readonly options: { demo?: boolean } = {}) {
    const demoData = process.env.ELIXA_E2E_DEMO;
    if (options.demo && demoData) cpSync(demoData, this.data, { recursive: true });
  }

  async start(): Promise<string> {
    const port = this.url ? new URL(this.url).port : '0';
    const args = ['--import', 'tsx', path.join(ROOT, 'server', 'main.ts'), ...(this.options.demo ? ['--demo'] : [])];
    const child = spawn(process.execPath, args, {
      cwd: ROOT,
      env: { ...process.env, ELIXA_PORT: port, ELIXA_DATA: this.data, ELIXA_LOG: 'warn', TZ: 'Europe/London' },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.child = child;
    this.url = await new Promise<string>((resolve, reject) => {
      let said = '';
      child.stdout.on('data', (chunk: Buffer) => {
        said += chunk.toString();
        const found = READY.exec(said)?.[1];
        if (found) resolve(found);
      });
      child.on('exit', (code) => reject(new Error(`The server ended with code ${code} before it was ready: ${said}`)));
    });
    return this.url;
  }

  /** The plug pulled: nothing is closed. */
  async kill(): Promise<void> {
    await this.end('SIGKILL');
  }

  /** Ctrl-C. @returns its exit code */
  async stop(): Promise<number | null> {
    return this.end('SIGINT');
  }

  async remove(): Promise<void> {
    await this.kill();
    rmSync(this.data, { recursive: true, force: true });
  }

  private async end(signal: NodeJS.Signals): Promise<number | null> {
    const child = this.child;
    this.child = undefined;
    if (!child || child.exitCode !== null) return child?.exitCode ?? null;
    child.kill(signal);
    const [code] = (await once(child, 'exit')) as [number | null];
    return code;
  }
}
