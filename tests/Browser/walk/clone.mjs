// Each screen begins with the same database, ledger and keys: what was there when the walk began is put back.
import { execFileSync } from 'node:child_process';
import { cpSync, existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { home } from '../support.mjs';

const kept = `${home}/walk`;
const mariadb = (program, ...rest) => execFileSync(program, ['--no-defaults', `--socket=${home}/run/mariadb.sock`, ...rest.slice(0, -1)], rest.at(-1));

export function keep() {
  rmSync(kept, { recursive: true, force: true });
  cpSync(`${home}/keys`, `${kept}/keys`, { recursive: true });
  const dump = mariadb('mariadb-dump', '--triggers', '--databases', 'juramen', 'juramen_ledger', { maxBuffer: 1 << 28 });
  writeFileSync(`${kept}/dump.sql`, dump);
}

/** Whether anything was sent since that may have changed what is kept. */
let touched = true;

export function touch() {
  touched = true;
}

export function putBack() {
  if (!touched) return;
  touched = false;
  if (!existsSync(`${kept}/dump.sql`)) throw new Error('Nothing was kept to be put back.');
  mariadb('mariadb', { input: readFileSync(`${kept}/dump.sql`) });
  for (const part of ['journal', 'checkpoint']) {
    rmSync(`${home}/keys/${part}`, { recursive: true, force: true });
    if (existsSync(`${kept}/keys/${part}`)) cpSync(`${kept}/keys/${part}`, `${home}/keys/${part}`, { recursive: true });
  }
}
