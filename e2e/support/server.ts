import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { cpSync, mkdtempSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { PLAIN_HOST } from './chromium';
import { Network } from './network';

const ROOT = path.join(import.meta.dirname, '..', '..');
const READY = /Elixa is ready:\s+(http:\S+)/;

/** The variable with the folder of all data, which is thrown away when the journeys are over. */
export const PLACE = 'ELIXA_E2E_DATA';

/** Where the data are that were made once for all, by the name of the variable. */
export const BEGUN = { empty: 'ELIXA_E2E_EMPTY', demo: 'ELIXA_E2E_DEMO' } as const;

interface Options {
  demo?: boolean;
  /** Whose data it copies, where they are made already; those of its kind when left out. */
  begunWith?: keyof typeof BEGUN;
  /** The pages follow the server's hour where they are told it; untold, they follow the hour that a journey gives them. */
  tellsHour?: boolean;
}

/** A disk forgets a thousand files in a second: nobody waits for it. */
const thrownAway = (folder: string) =>
  void rm(folder, { recursive: true, force: true, maxRetries: 3 }).catch((error: Error) =>
    process.stderr.write(`${folder} is left behind: ${error.message}\n`),
  );

/**
 * Ports that servers of this worker have left. The next one listens where the last one did, so that a browser knows the
 * scripts that it compiled by their address.
 */
const leftPorts: string[] = [];

/** A server of its own in a folder of its own, that can be killed and started again on the same data and port. */
export class ElixaServer {
  readonly data = mkdtempSync(path.join(process.env[PLACE] ?? tmpdir(), 'elixa-e2e-'));
  private child: ChildProcess | undefined;
  private network: Network | undefined;
  /** Where it listens. */
  private address = '';
  /** Where it is reached. */
  url = '';

  constructor(private readonly options: Options = {}) {
    const begun = process.env[BEGUN[options.begunWith ?? (options.demo ? 'demo' : 'empty')]];
    if (begun) cpSync(begun, this.data, { recursive: true });
  }

  async start(): Promise<string> {
    const port = this.address ? new URL(this.address).port : (leftPorts.pop() ?? '0');
    // PostgreSQL is compiled with each server, and none of them lives long enough to make up for compiling it well.
    const args = [
      '--liftoff-only',
      path.join(ROOT, 'server', 'dist', 'main.cjs'),
      ...(this.options.demo ? ['--demo'] : []),
    ];
    const child = spawn(process.execPath, args, {
      cwd: ROOT,
      env: {
        ...process.env,
        ELIXA_HOSTS: PLAIN_HOST,
        ELIXA_PORT: port,
        ELIXA_DATA: this.data,
        ELIXA_LOG: 'warn',
        TZ: 'Europe/London',
      },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.child = child;
    this.address = await new Promise<string>((resolve, reject) => {
      let said = '';
      child.stdout.on('data', (chunk: Buffer) => {
        said += chunk.toString();
        const found = READY.exec(said)?.[1];
        if (found) resolve(found);
      });
      child.on('exit', (code) => reject(new Error(`The server ended with code ${code} before it was ready: ${said}`)));
    });
    if (this.options.tellsHour === false && !this.network) {
      this.network = new Network(this.address);
      this.url = await this.network.open();
    }
    if (!this.network) this.url = this.address;
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
    if (this.address) leftPorts.push(new URL(this.address).port);
    this.network?.remove();
    thrownAway(this.data);
    // A server that was killed leaves it.
    thrownAway(`${this.data}.lock`);
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
