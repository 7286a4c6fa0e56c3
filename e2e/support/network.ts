import { once } from 'node:events';
import { createServer, request, type Server } from 'node:http';
import type { AddressInfo, Socket } from 'node:net';

/** Ports that ways of this worker have left: the next one is reached where the last one was. */
const leftPorts: number[] = [];

/**
 * The way of one phone to the server, which can be cut. The server's hour is not told on it: the phone has its own, as
 * wrong as it is.
 */
export class Network {
  private readonly sockets = new Set<Socket>();
  private isCut = false;
  private readonly server: Server;
  url = '';

  constructor(private readonly to: string) {
    this.server = createServer((asked, answer) => {
      const onward = request(new URL(asked.url ?? '/', this.to), { method: asked.method, headers: asked.headers });
      onward.on('response', (answered) => {
        const headers = { ...answered.headers };
        delete headers.date;
        answer.sendDate = false;
        answer.writeHead(answered.statusCode ?? 502, headers);
        answered.pipe(answer);
      });
      onward.on('error', () => answer.destroy());
      answer.on('close', () => onward.destroy());
      asked.pipe(onward);
    });
    this.server.on('connection', (socket: Socket) => {
      if (this.isCut) {
        socket.destroy();
        return;
      }
      this.sockets.add(socket);
      socket.on('close', () => this.sockets.delete(socket));
    });
  }

  async open(): Promise<string> {
    this.server.listen(leftPorts.pop() ?? 0, '127.0.0.1');
    await once(this.server, 'listening');
    this.url = `http://127.0.0.1:${(this.server.address() as AddressInfo).port}`;
    return this.url;
  }

  /** Everything under way is broken off, and nothing gets through. */
  cut(): void {
    this.isCut = true;
    for (const socket of this.sockets) socket.destroy();
  }

  mend(): void {
    this.isCut = false;
  }

  remove(): void {
    this.cut();
    this.server.close();
    leftPorts.push(Number(new URL(this.url).port));
  }
}
