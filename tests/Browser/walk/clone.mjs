// Each screen begins with the same database, ledger and keys: what was there when the walk began is put back. Only what is another now is, which
// a checksum of each table tells: dropping and making seventy tables takes longer than most of what is tried between.
import { execFileSync } from 'node:child_process';
import { cpSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { home } from '../support.mjs';

const kept = `${home}/walk`;
const schemas = ['juramen', 'juramen_ledger'];
const mariadb = (program, ...rest) => execFileSync(program, ['--no-defaults', `--socket=${home}/run/mariadb.sock`, ...rest.slice(0, -1)], rest.at(-1));
const rows = (statement) => mariadb('mariadb', '--batch', '--skip-column-names', `--execute=${statement}`, { maxBuffer: 1 << 28 }).toString()
  .split('\n').filter(Boolean).map((line) => line.split('\t'));
const within = `table_schema IN (${schemas.map((schema) => `'${schema}'`).join(', ')})`;

export function keep() {
  rmSync(kept, { recursive: true, force: true });
  cpSync(`${home}/keys`, `${kept}/keys`, { recursive: true });
  mkdirSync(`${kept}/tables`);
  const guarded = new Set(rows(`SELECT DISTINCT CONCAT(event_object_schema, '.', event_object_table) FROM information_schema.triggers
    WHERE event_object_schema IN (${schemas.map((schema) => `'${schema}'`).join(', ')})`).flat());
  const tables = rows(`SELECT CONCAT(table_schema, '.', table_name) FROM information_schema.tables WHERE ${within} AND table_type = 'BASE TABLE'`).flat();
  for (const schema of schemas) {
    const mine = tables.filter((table) => table.startsWith(`${schema}.`));
    const plain = mine.filter((table) => !guarded.has(table)).map((table) => table.split('.')[1]);
    const only = ['--no-create-info', '--skip-triggers', '--skip-add-locks', '--skip-disable-keys', '--hex-blob'];
    const data = plain.length === 0 ? '' : mariadb('mariadb-dump', ...only, schema, ...plain, { maxBuffer: 1 << 28 }).toString();
    for (const part of data.split(/^-- Dumping data for table /m).slice(1)) {
      const name = part.slice(1, part.indexOf('`', 1));
      const from = part.indexOf('INSERT INTO');
      const inserts = from < 0 ? '' : part.slice(from).split('\n').filter((line) => !/^(--|\/\*|commit;)/.test(line)).join('\n');
      writeFileSync(`${kept}/tables/${schema}.${name}.sql`, `START TRANSACTION;\nDELETE FROM \`${name}\`;\n${inserts}\nCOMMIT;\n`);
    }
    // What only grows is guarded by triggers, and is made anew.
    for (const table of mine.filter((each) => guarded.has(each))) {
      writeFileSync(`${kept}/tables/${table}.sql`, mariadb('mariadb-dump', '--triggers', '--hex-blob', schema, table.split('.')[1], { maxBuffer: 1 << 28 }));
    }
  }
  writeFileSync(`${kept}/sums.json`, JSON.stringify(sums(tables)));
}

/** Checksum of each table. */
function sums(tables) {
  return Object.fromEntries(rows(`CHECKSUM TABLE ${tables.join(', ')}`));
}

/** Whether anything was sent since that may have changed what is kept. */
let touched = true;

export function touch() {
  touched = true;
}

export function putBack() {
  if (!touched) return;
  touched = false;
  if (!existsSync(`${kept}/sums.json`)) throw new Error('Nothing was kept to be put back.');
  const before = JSON.parse(readFileSync(`${kept}/sums.json`, 'utf8'));
  const now = sums(Object.keys(before));
  const changed = Object.keys(before).filter((table) => before[table] !== now[table]);
  if (changed.length > 0) {
    const input = changed.map((table) => `USE ${table.split('.')[0]};\n${readFileSync(`${kept}/tables/${table}.sql`, 'utf8')}`).join('\n');
    mariadb('mariadb', '--init-command=SET FOREIGN_KEY_CHECKS = 0', { input });
  }
  for (const part of ['journal', 'checkpoint']) {
    rmSync(`${home}/keys/${part}`, { recursive: true, force: true });
    if (existsSync(`${kept}/keys/${part}`)) cpSync(`${kept}/keys/${part}`, `${home}/keys/${part}`, { recursive: true });
  }
}
