// The stand-in's pages: a list of mails, one mail as a reader shows it, and how the server is to behave.
import { escape, page } from '../page.mjs';

const modes = {
  accept: 'takes mail', return: 'takes mail and returns it', refuse: 'refuses for good (550)',
  unknown: 'knows no such mailbox (550 5.1.1)', later: 'refuses for now (451)', delay: 'takes mail after 5 seconds',
  silent: 'takes mail and never says so', lost: 'closes the line at once',
};

export function listPage(mails, mode, search) {
  const choices = Object.entries(modes).map(([name, text]) => `<option value="${name}"${name === mode.name ? ' selected' : ''}>${text}</option>`).join('');
  const at = (date) => (date ? new Date(date).toISOString().slice(0, 19).replace('T', ' ') : '');
  const rows = mails.map((m) => `<tr><td>${at(m.date)}</td><td>${escape(m.to)}</td>
<td><a href="/mail/${m.name}">${escape(m.subject)}</a><br><small>${escape(m.from)}</small></td></tr>`).join('');
  return page('Mailbox stand-in', `<form method="post" action="/mode"><label>The server <select name="name">${choices}</select></label>
<input type="hidden" name="seconds" value="5"><button>Set</button></form>
<a href="/messages">Messages to numbers</a>
<form action="/"><label>To <input name="to" value="${escape(search)}"></label><button>Find</button></form>
<table><thead><tr><th>Date (UTC)</th><th>To</th><th>Subject</th></tr></thead><tbody>${rows || '<tr><td colspan="3">No mail yet.</td></tr>'}</tbody></table>`);
}

export function messagesPage(messages, search) {
  const linked = (text) => escape(text).replace(/https?:\/\/[^\s&]+/g, (link) => `<a href="${link}" target="_blank">${link}</a>`);
  const rows = messages.map((m) => `<tr><td>${m.at.slice(0, 19).replace('T', ' ')}</td><td>${escape(m.to)}</td>
<td>${linked(m.text)}<br><small>${escape(m.from)}</small></td></tr>`).join('');
  return page('Messages to numbers', `<p><a href="/">All mails</a></p>
<form><label>To <input name="to" value="${escape(search)}"></label><button>Find</button></form>
<table><thead><tr><th>Date (UTC)</th><th>To</th><th>Message</th></tr></thead>
<tbody>${rows || '<tr><td colspan="3">No message yet.</td></tr>'}</tbody></table>`);
}

export function mailPage(mail) {
  return page(mail.subject || 'Without subject', `<p>From ${escape(mail.from)}<br>To ${escape(mail.to)}</p>
<iframe sandbox="allow-popups allow-popups-to-escape-sandbox allow-top-navigation-by-user-activation" src="/html/${mail.name}" title="The mail"></iframe>
<details><summary>As text</summary><pre>${escape(mail.text)}</pre></details>
<details><summary>Headers</summary><pre>${mail.headers.map(escape).join('\n')}</pre></details>
<p><a href="/raw/${mail.name}">The mail as it came</a> · <a href="/">All mails</a></p>`);
}
