// A web site that behaves badly on purpose, for the tests of what is fetched: node site.mjs; prints its port once it listens.
import { createServer } from 'node:http';
import { gzipSync } from 'node:zlib';

const page = '<!doctype html><html lang="en"><title>Crew jobs</title><form><label>Email <input type="email"></label><button>Subscribe</button></form></html>';
const packed = (bytes) => ({ body: gzipSync(bytes), headers: { 'Content-Encoding': 'gzip' } });
const to = (location) => ({ status: 302, headers: { Location: location } });
const answers = {
  '/page': () => ({ body: page }),
  '/packed': () => packed(page),
  '/bomb': () => packed(Buffer.alloc(200_000_000, 32)),
  '/large': () => ({ body: Buffer.alloc(5_000_001, 32) }),
  '/whole': () => ({ body: Buffer.alloc(5_000_000, 32) }),
  '/away': () => ({ status: 404, body: page }),
  '/deep/one': () => to('../page'),
  '/deep/two': () => to('?q=1'),
  '/hop/1': () => to('/hop/2'),
  '/hop/2': () => to('3'),
  '/hop/3': () => to('/page#form'),
  '/far/1': () => to('/hop/1'),
  '/inside': () => to('http://169.254.169.254/latest'),
  '/mapped': () => to('http://[::ffff:10.0.0.8]/'),
  '/script': () => to('javascript:alert(1)'),
  '/file': () => to('file:///etc/passwd'),
  '/broken': () => to('http:///nowhere'),
  '/nowhere': () => ({ status: 302 }),
};
const server = createServer((request, response) => {
  const { pathname, search } = new URL(request.url, 'http://site');
  if (pathname === '/endless') {
    response.writeHead(200);
    const more = () => { while (!response.destroyed && response.write(Buffer.alloc(100_000, 32))); };
    response.on('drain', more);
    more();
    return;
  }
  if (pathname === '/silent') {
    response.writeHead(200, { 'Content-Length': 100 });
    response.write('<form>');
    setTimeout(() => response.destroy(), 300);
    return;
  }
  const answer = pathname === '/deep/two' && search !== '' ? answers['/page'] : answers[pathname];
  const { status = 200, body = '', headers = {} } = answer === undefined ? { status: 404 } : answer();
  response.writeHead(status, headers).end(body);
});
server.listen(0, '127.0.0.1', () => console.log(server.address().port));
process.on('SIGTERM', () => process.exit(0));
