// A network that is not to be trusted, between a device and the application: for bin/flaky and bin/soak. On a seed it cuts
// requests before they arrive, cuts answers on their way back, delays, sends twice, and lets later ones pass by. Prints its
// address, and at the end what it did.
import http from 'node:http';

const [target, seed = '1', quiet = ''] = process.argv.slice(2);
if (!target) {
  console.error('flaky wants an address to stand before, such as http://127.0.0.1:8216');
  process.exit(2);
}
const { hostname, port } = new URL(target);

/** Mulberry32: the same seed, the same network. */
let state = Number(seed) >>> 0;
const chance = () => {
  state = (state + 0x6d2b79f5) >>> 0;
  let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
  mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
  return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
};
const wait = (ms) => new Promise((on) => setTimeout(on, ms));
const did = { passed: 0, 'cut before': 0, 'cut after': 0, delayed: 0, 'sent twice': 0, overtaken: 0, 'server away': 0 };

/** Sends on what was asked; null where nobody answers. */
const forward = (request, body) =>
  new Promise((on) => {
    const headers = { ...request.headers, connection: 'close' };
    const sent = http.request({ hostname, port, path: request.url, method: request.method, headers, timeout: 30_000 }, (answer) => {
      const parts = [];
      answer.on('data', (part) => parts.push(part));
      answer.on('end', () => on({ status: answer.statusCode, headers: answer.headers, body: Buffer.concat(parts) }));
      answer.on('error', () => on(null));
    });
    sent.on('timeout', () => sent.destroy());
    sent.on('error', () => on(null));
    sent.end(body);
  });

const server = http.createServer(async (request, response) => {
  const parts = [];
  for await (const part of request) parts.push(part);
  const body = Buffer.concat(parts);
  const dice = chance();
  const cut = () => request.socket.destroy();
  if (dice < 0.08) {
    did['cut before'] += 1;
    return cut();
  }
  if (dice < 0.2) {
    did.delayed += 1;
    await wait(50 + 300 * chance());
  } else if (dice < 0.28) {
    did.overtaken += 1;
    await wait(500 + 700 * chance());
  }
  let answer = await forward(request, body);
  if (dice > 0.9) {
    did['sent twice'] += 1;
    answer = (await forward(request, body)) ?? answer;
  }
  if (answer === null) {
    did['server away'] += 1;
    return cut();
  }
  if (dice > 0.8 && dice <= 0.9) {
    did['cut after'] += 1;
    return cut();
  }
  did.passed += 1;
  response.writeHead(answer.status, answer.headers);
  response.end(answer.body);
});
server.listen(0, '127.0.0.1', () => console.log(`http://127.0.0.1:${server.address().port}`));
const end = () => {
  if (quiet === '') console.log(Object.entries(did).map(([what, times]) => `${what} ${times}`).join(', '));
  process.exit(0);
};
process.on('SIGTERM', end);
process.on('SIGINT', end);
