// Every screen there is, found by the routes: a new one falls under the walk by itself.
import { artisan, sql } from '../support.mjs';

/** What a parameter of a route is filled with; a parameter that is not here fails the walk until somebody says how it is filled. */
const first = (query) => sql(`${query} LIMIT 1`);
const all = (query) => sql(query).split('\n').filter((line) => line !== '');
const subject = () => first('SELECT LOWER(HEX(subject)) FROM subscribers JOIN permissions ON subscriber_id = subscribers.id WHERE allowed ORDER BY subscribers.id');
const fillings = {
  'points/{point}': () => all('SELECT slug FROM points ORDER BY id').map((point) => ({ point })),
  'records/{kind}/{slug}': () => all("SELECT kind, slug FROM records WHERE kind <> 'sheet' ORDER BY kind, id").map((line) => line.split('\t'))
    .map(([kind, slug]) => ({ kind, slug })),
  'lists/{slug}': () => [{ slug: first("SELECT slug FROM records WHERE kind = 'list' ORDER BY slug DESC") }],
  'audit/forms/{form}': () => all('SELECT slug FROM foreign_forms ORDER BY id').map((form) => ({ form })),
  'audit/taken/{audit}': () => [{ audit: first('SELECT id FROM audits ORDER BY id') }],
  'requirements/{id}': () => [{ id: 'purpose-said' }],
  'evidence/{subject}': () => [{ subject: subject() }],
  'enquiries/{enquiry}': () => ['SELECT LOWER(HEX(enquiry_id)) FROM rights_requests ORDER BY id', 'SELECT LOWER(HEX(id)) FROM enquiries ORDER BY received_at, id']
    .map((query) => ({ enquiry: first(query) })),
  'accounts/{user}': () => [{ user: first("SELECT id FROM users WHERE role = 'editor' ORDER BY id") }],
  'forms/{point}/{language}': () => [{ point: first("SELECT slug FROM points ORDER BY id"), language: 'en' }],
};

/** What is opened by address and yet is no screen with something to use on it. */
const noScreens = {
  'forms/{point}': 'leads on to the form in the visitor\'s language',
  'forms/{point}/{language}/received': 'says that something arrived; what whoever agreed by a number can do on it, NumbersTest does',
  'forms/{point}/{language}/sent': 'says that a mail is on its way; what whoever sent the form can do on it, after-sending.spec.mjs does',
  'points/{point}/proof/{language}/{draft}': 'the form within the sheet, in which nothing runs',
  'confirm/{token}': 'leads on to the page without the secret', 'not-theirs/{token}': 'leads on to the page without the secret',
  'withdraw/{token}': 'leads on to the page without the secret', 'details/{token}': 'leads on to the page without the secret',
  'trials/{token}/{visitor}/{language}': 'needs a private link; puzzle.spec.mjs goes through it',
  'gift/{token}': 'a file', 'sender/{token}': 'needs the secret of a mail; SenderTest goes through it',
  'confirm': 'needs the secret of a mail; whole-path.spec.mjs goes through it',
  'not-theirs': 'needs the secret of a mail; after-sending.spec.mjs goes through it',
  'details': 'needs the secret of a mail; known-people.spec.mjs goes through it',
  'withdraw': 'needs the secret of a mail; whole-path.spec.mjs goes through it',
  'enter/{token}': 'leads on to the page without the secret',
  'enter': 'needs the secret of a mail; accounts.spec.mjs goes through it',
  'login/code': 'needs a password that fitted; accounts.spec.mjs goes through it',
  'frozen/{digest}.css': 'a style', 'frozen/{digest}.webp': 'an image', 'frozen/{digest}.woff2': 'letters',
  'look/{controller}.css': 'a style', 'ledger/checkpoint': 'a text', 'ledger/keys': 'a text', up: 'a text',
  'storage/{path}': 'the framework\'s own; nothing is kept there', token: 'a token as JSON', 'wording/library/{format}': 'a file',
  'evidence/{subject}/asked': 'a part of a person\'s page', 'evidence/{subject}/shown/{entry}': 'the frozen form within that page, in which nothing runs',
  'audit/found': 'a part of the audit', 'audit/taken/{audit}/report.{format}': 'a file', 'audit/grid.svg': 'a drawing', 'audit/findings.{format}': 'a file',
  'audit/answers/{answer}/file': 'a file',
  'audit/forms/{form}/page/{read}': 'the page as it is kept, within a form\'s page, in which nothing runs',
  'screening/lines/part': 'a part of the page on which lines are drawn',
  'evidence/{subject}/file/{entry}': 'a file', 'requirements/read-wrongly.txt': 'a file',
  'points/{point}/since/{number}': 'a part of the sheet', 'records/{kind}/{slug}/since/{number}': 'a part of the record',
  'records/mail/{slug}/proof/{language}/{draft}': 'the mail within its record, in which nothing runs', '/': 'leads on to the desk',
};

/**
 * @return {{path: string, route: string, alike: number, guest: boolean}[]} alike: how many of the same route and kind come before it;
 *   guest: whether it is for whoever is not signed in
 */
export function screens() {
  const listed = JSON.parse(artisan('route:list', '--json').out).filter((route) => route.method.includes('GET'));
  const routes = listed.map((route) => route.uri);
  const guests = new Set(listed.filter((route) => route.middleware.includes('guest')).map((route) => route.uri));
  const found = [];
  for (const route of routes.filter((uri) => !(uri in noScreens))) {
    const parameters = [...route.matchAll(/\{(\w+)\??\}/g)].map((m) => m[1]);
    const base = Object.keys(fillings).filter((key) => route === key || route.startsWith(`${key}/`)).sort((a, b) => b.length - a.length)[0];
    const sets = parameters.length === 0 ? [{}] : base === undefined ? null : fillings[base]();
    if (sets === null || parameters.some((name) => !(name in sets[0]))) throw new Error(`screens.mjs does not say how ${route} is filled in.`);
    const seen = {};
    for (const set of sets) {
      const kind = set.kind ?? '';
      const path = `/${route.replace(/\{(\w+)\??\}/g, (_, name) => set[name])}`;
      found.push({ route, path, alike: seen[kind] = (seen[kind] ?? -1) + 1, guest: guests.has(route) });
    }
  }
  return found;
}

export const left = noScreens;
