// Slow clients, foreign pages, hosts, and the way through a TLS proxy, over real sockets and in a real browser.
import { expect, test } from '@playwright/test';
import { execFileSync, spawn } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import http from 'node:http';
import net from 'node:net';
import { home, long, pause, pid, signIn, signUp, site, sql, waitForPart } from '../Browser/support.mjs';

const port = Number(process.env.PORT);
const name = (test) => `${test}.${(Date.now() % 1e9)}@post.example`;
const given = () => Number(sql("SELECT COUNT(*) FROM juramen_ledger.entries WHERE kind = 'given'"));

/** Seconds until a page has come, asked for from an address. */
async function opened(path, localAddress) {
  const started = performance.now();
  const status = await new Promise((done) => {
    http.get(site + path, { localAddress, agent: false }, (response) => { response.resume().on('end', () => done(response.statusCode)); })
      .on('error', () => done(0));
  });
  return { status, seconds: (performance.now() - started) / 1000 };
}

test('1,000 half-sent headers and 200 half-sent forms from one client stop nobody, and are cut off', { tag: '@long' }, async () => {
  const half = [
    'POST /forms/footer-newsletter/en HTTP/1.1\r\nHost: 127.0.0.1\r\nX-Slow:',
    `POST /forms/footer-newsletter/en HTTP/1.1\r\nHost: 127.0.0.1:${port}\r\nContent-Length: 900\r\n\r\nem`,
  ];
  let closed = 0;
  const sockets = await Promise.all(Array.from({ length: 1200 }, (_, i) => new Promise((done) => {
    const socket = net.connect({ port, host: '127.0.0.1', localAddress: '127.30.0.9' }, () => { socket.write(half[i < 1000 ? 0 : 1]); done(socket); });
    socket.on('error', () => {}).on('close', () => { closed += 1; }).resume();
  })));
  await pause(1000);
  for (const address of ['127.31.0.7', '127.30.0.77']) {
    for (const path of ['/forms/footer-newsletter/en', '/login']) {
      const { status, seconds } = await opened(path, address);
      expect(status, `${path} from ${address}`).toBe(200);
      expect(seconds, `${path} from ${address}`).toBeLessThan(long ? 1 : 3);
    }
  }
  await expect.poll(() => closed, { timeout: 20_000, message: 'what does not go on is cut off' }).toBe(1200);
  sockets.forEach((socket) => socket.destroy());
});

test('only hosts that are ours are answered', async () => {
  const asked = (host) => new Promise((done) => {
    http.get(`${site}/login`, { headers: { Host: host } }, (response) => { response.resume(); done(response.statusCode); });
  });
  expect(await asked('elsewhere.example')).toBe(400);
  expect(await asked(`127.0.0.1:${port}`)).toBe(200);
});

test('a foreign page that fetched our marks and shows other words: the person gets our page, its box empty', async ({ page }) => {
  // It fetches the form with its marks, writes other words beside the box, and ticks it beforehand.
  const foreign = http.createServer(async (request, response) => {
    if (request.url === '/frame') {
      response.setHeader('Content-Type', 'text/html').end(`<iframe src="${site}/forms/footer-newsletter/en"></iframe>`);
      return;
    }
    const html = await (await fetch(`${site}/forms/footer-newsletter/en`)).text();
    response.setHeader('Content-Type', 'text/html').end(html
      .replace(/<link[^>]*>/g, '').replace(/action="[^"]*"/, `action="${site}/forms/footer-newsletter/en"`)
      .replace(/(<label[^>]*for="yes-voyage-news"[^>]*>)[\s\S]*?<\/label>/, '$1Show me the cat</label>')
      .replace('id="yes-voyage-news"', 'id="yes-voyage-news" checked'));
  });
  await new Promise((done) => { foreign.listen(0, '127.0.0.1', done); });
  const before = given();
  try {
    for (const host of ['localhost', '127.0.0.1']) {
      await page.goto(`http://${host}:${foreign.address().port}/`);
      await expect(page.getByText('Show me the cat')).toBeVisible();
      await page.locator('#email').fill(name('foreign'));
      await page.waitForTimeout(2100);
      await page.locator('form button').click();
      await expect(page).toHaveURL(`${site}/forms/footer-newsletter/en`);
      await expect(page.getByRole('alert')).toContainText('Nothing has been sent yet');
      await expect(page.locator('#yes-voyage-news')).not.toBeChecked();
      await expect(page.locator('#email')).toHaveValue(/foreign/);
      expect(given()).toBe(before);
    }
    // From our page, ticked again, it is a consent; but not one to what our page showed at first.
    await page.locator('#yes-voyage-news').check();
    await page.waitForTimeout(2100);
    await page.locator('form button').click();
    await expect(page).toHaveURL(/\/sent$/);
    expect(given()).toBe(before + 1);
    expect(sql("SELECT body FROM juramen_ledger.entries WHERE kind = 'given' ORDER BY position DESC LIMIT 1")).toContain('"copy"');
    await page.goto(`http://localhost:${foreign.address().port}/frame`);
    await expect(page.frameLocator('iframe').locator('#email')).toHaveCount(0);
  } finally {
    foreign.close();
  }
});

test('behind a TLS proxy forms arrive, nobody is sent to http, and the cookie is secure', async ({ browser }) => {
  const tls = port + 7;
  const folder = mkdtempSync(`${home}/tls-`);
  mkdirSync(`${folder}/tmp`);
  execFileSync('openssl', [
    'req', '-x509', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:prime256v1', '-nodes', '-days', '1', '-subj', '/CN=127.0.0.1',
    '-keyout', `${folder}/key.pem`, '-out', `${folder}/cert.pem`,
  ], { stdio: 'ignore' });
  const temporary = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi'].map((kind) => `${kind}_temp_path ${folder}/tmp;`).join(' ');
  const user = process.getuid() === 0 ? 'user root;' : '';
  writeFileSync(`${folder}/nginx.conf`, `pid ${folder}/nginx.pid; daemon off; error_log ${folder}/error.log; ${user} events {}
    http { access_log off; ${temporary}
      server { listen 127.0.0.1:${tls} ssl; ssl_certificate ${folder}/cert.pem; ssl_certificate_key ${folder}/key.pem;
        location / { proxy_pass ${site}; proxy_set_header Host $http_host; proxy_set_header X-Forwarded-For $remote_addr;
          proxy_set_header X-Forwarded-Proto https; proxy_set_header X-Forwarded-Host $http_host; proxy_set_header X-Forwarded-Port ${tls}; } } }`);
  const kept = readFileSync(`${home}/env`, 'utf8');
  const restart = async () => {
    for (const part of ['fpm', 'nginx']) {
      const old = pid(part);
      process.kill(old, 'SIGQUIT');
      await expect.poll(() => existsSync(`${home}/run/${part}.pid`) && pid(part) !== old, { timeout: 20_000, message: `${part} starts anew` }).toBe(true);
      await waitForPart(part);
    }
    await expect.poll(async () => fetch(`${site}/up`).then((answer) => answer.status, () => 0), { timeout: 20_000 }).toBe(200);
  };
  writeFileSync(`${home}/env`, `${kept.replace(/^APP_URL=.*$/m, `APP_URL=https://127.0.0.1:${tls}`)}TRUSTED_PROXIES=127.0.0.1\n`);
  await restart();
  const proxy = spawn('nginx', ['-c', `${folder}/nginx.conf`, '-e', `${folder}/error.log`], { stdio: 'ignore' });
  try {
    const context = await browser.newContext({ ignoreHTTPSErrors: true, baseURL: `https://127.0.0.1:${tls}` });
    const page = await context.newPage();
    await expect.poll(async () => page.goto('/up').then((answer) => answer.status(), () => 0), { timeout: 10_000 }).toBe(200);
    const insecure = [];
    page.on('request', (request) => { if (request.url().startsWith('http:')) insecure.push(request.url()); });
    const before = given();
    await signUp(page, { email: name('tls'), language: 'en' });
    await expect(page).toHaveURL(`https://127.0.0.1:${tls}/forms/footer-newsletter/en/sent`);
    expect(given()).toBe(before + 1);
    await signIn(page);
    const cookie = (await context.cookies()).find((one) => one.httpOnly);
    expect(cookie).toMatchObject({ secure: true, sameSite: 'Lax' });
    await page.goto('/evidence');
    await expect(page.getByLabel('Whose consent')).toBeVisible();
    expect(insecure).toEqual([]);
    await context.close();
  } finally {
    proxy.kill('SIGQUIT');
    writeFileSync(`${home}/env`, kept);
    await restart();
  }
});
