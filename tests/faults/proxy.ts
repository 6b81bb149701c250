import { createServer, request as ask, type IncomingMessage, type Server, type ServerResponse } from 'node:http'
import { connect, createServer as createTcp, type Server as TcpServer, type Socket } from 'node:net'

/** What happens to the next requests that carry something: a POST or a PUT. */
export type Trouble =
  | { kind: 'none' }
  /** The way is cut: nothing goes through, open lines end. */
  | { kind: 'cut' }
  /** The server does what was asked, and its answer is lost. */
  | { kind: 'lose-answer' }
  /** Half of the answer arrives. */
  | { kind: 'half-answer' }
  /** The request reaches the server twice. */
  | { kind: 'twice' }
  /** It is held back for so long that others overtake it. */
  | { kind: 'late'; ms: number }
  | { kind: 'fault-500' }

const pause = (ms: number) => new Promise((done) => setTimeout(done, ms))

/** Stands in front of the pages and makes trouble. */
export class PageProxy {
  trouble: Trouble = { kind: 'none' }
  /** The number that the served service worker carries: another one is a newer app. */
  version = 0
  private readonly open = new Set<Socket>()
  private constructor(
    private readonly server: Server,
    readonly address: string,
    private readonly target: () => number,
  ) {}

  static async start(target: () => number): Promise<PageProxy> {
    const server = createServer((incoming, outgoing) => void proxy.pass(incoming, outgoing))
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done))
    const { port } = server.address() as { port: number }
    const proxy: PageProxy = new PageProxy(server, `http://127.0.0.1:${port}`, target)
    server.on('connection', (socket) => {
      if (proxy.trouble.kind === 'cut') return socket.destroy()
      proxy.open.add(socket)
      socket.on('close', () => proxy.open.delete(socket))
    })
    return proxy
  }

  /** Ends every line that is open, as a network that goes away. */
  cut(): void {
    this.trouble = { kind: 'cut' }
    for (const socket of this.open) socket.destroy()
  }

  async stop(): Promise<void> {
    this.cut()
    await new Promise((done) => this.server.close(done))
  }

  private async pass(incoming: IncomingMessage, outgoing: ServerResponse): Promise<void> {
    // A request that breaks off on its way, as from a tab that is killed, has not come: nothing of it is passed on.
    const body = await read(incoming).catch(() => null)
    if (body === null) return void outgoing.destroy()
    const carries = incoming.method === 'POST' || incoming.method === 'PUT'
    const trouble = carries ? this.trouble : ({ kind: 'none' } as const)
    if (trouble.kind === 'fault-500') return void outgoing.writeHead(500).end('{')
    if (trouble.kind === 'late') await pause(trouble.ms)
    if (trouble.kind === 'twice') await this.forward(incoming, body).catch(() => null)
    const answer = await this.forward(incoming, body).catch(() => null)
    if (answer === null || trouble.kind === 'lose-answer') return void outgoing.destroy()
    outgoing.on('close', () => answer.destroy())
    if (trouble.kind === 'half-answer') {
      const whole = await read(answer).catch(() => null)
      if (whole === null) return void outgoing.destroy()
      outgoing.writeHead(answer.statusCode ?? 500, { ...answer.headers, 'content-length': whole.length })
      outgoing.write(whole.subarray(0, Math.floor(whole.length / 2)), () => outgoing.destroy())
      return
    }
    outgoing.writeHead(answer.statusCode ?? 500, answer.headers)
    if (incoming.url === '/service-worker.js') outgoing.write(`// ${this.version}\n`)
    answer.on('error', () => outgoing.destroy()).pipe(outgoing)
  }

  private forward(incoming: IncomingMessage, body: Buffer): Promise<IncomingMessage> {
    return new Promise((answered, failed) => {
      const { method, url, headers } = incoming
      const sent = ask({ host: '127.0.0.1', port: this.target(), method, path: url, headers }, answered)
      sent.on('error', failed)
      sent.end(body)
    })
  }
}

/** @throws when it breaks off */
async function read(message: IncomingMessage): Promise<Buffer> {
  const chunks: Buffer[] = []
  for await (const chunk of message) chunks.push(chunk as Buffer)
  return Buffer.concat(chunks)
}

/** Stands in front of the database; armed, it lets a commit through and calls before its answer comes back. */
export class DatabaseProxy {
  private armed: (() => void) | null = null
  private readonly open = new Set<Socket>()
  private constructor(
    private readonly server: TcpServer,
    readonly port: number,
  ) {}

  static async start(target: () => number): Promise<DatabaseProxy> {
    const server = createTcp((near) => proxy.join(near, connect(target(), '127.0.0.1')))
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done))
    const proxy: DatabaseProxy = new DatabaseProxy(server, (server.address() as { port: number }).port)
    return proxy
  }

  /** The next commit reaches the database, and what it answers does not come back: `then` is called in between. */
  betweenCommitAndAnswer(then: () => void): void {
    this.armed = then
  }

  disarm(): void {
    this.armed = null
  }

  cut(): void {
    for (const socket of this.open) socket.destroy()
  }

  async stop(): Promise<void> {
    this.cut()
    await new Promise((done) => this.server.close(done))
  }

  private join(near: Socket, far: Socket): void {
    let swallow = false
    for (const socket of [near, far]) {
      this.open.add(socket)
      socket.on('error', () => socket.destroy())
      socket.on('close', () => {
        this.open.delete(socket)
        near.destroy()
        far.destroy()
      })
    }
    near.on('data', (data) => {
      if (this.armed && data.includes('COMMIT')) swallow = true
      far.write(data)
    })
    far.on('data', (data) => {
      if (!swallow) return void near.write(data)
      const then = this.armed
      this.armed = null
      then?.()
      near.destroy()
    })
  }
}
