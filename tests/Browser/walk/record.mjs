// What is stored, read by query, and what differs between two of them.
import { sql } from '../support.mjs';

const from = (path) => {
  const [, area, one, two] = path.split('/');
  return area === 'points' ? ['sheet', one] : [one, two];
};

/** The newest revision of the record that a screen shows: its number and document. */
export function record(path) {
  const [kind, slug] = from(path);
  const line = sql(`SELECT number, TO_BASE64(document) FROM revisions WHERE record_id = (SELECT id FROM records WHERE kind = '${kind}' AND slug = '${slug}')
    ORDER BY number DESC LIMIT 1`).replaceAll('\\n', '');
  const [number, document] = line.split('\t');
  return { number: Number(number), document: JSON.parse(Buffer.from(document, 'base64').toString()) };
}

/** Places to what stands there; items of a list go by their ids, their order by "place (order)". */
export function places(document, at = '') {
  const found = {};
  for (const [step, value] of Object.entries(document)) {
    const place = at === '' ? step : `${at}/${step}`;
    if (Array.isArray(value) && value.every((item) => typeof item === 'object' && 'id' in item) && value.length > 0) {
      found[`${place} (order)`] = value.map((item) => item.id).join(' ');
      for (const item of value) Object.assign(found, places(item, `${place}/${item.id}`));
    } else if (value !== null && typeof value === 'object' && !Array.isArray(value)) Object.assign(found, places(value, place));
    else found[place] = JSON.stringify(value);
  }
  return found;
}

/** Places at which two documents differ. */
export function differing(one, other) {
  const [a, b] = [places(one), places(other)];
  // A list that was empty is no place of its own once something stands in it.
  const empty = (place) => [a, b].some((one) => one[place] === '[]') && [a, b].some((one) => Object.keys(one).some((each) => each.startsWith(`${place}/`)));
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].filter((place) => a[place] !== b[place] && !empty(place));
}

/** What stands at a place; undefined where nothing does. */
export function standing(document, place) {
  return place.split('/').reduce((at, step) => (Array.isArray(at) ? at.find((item) => item?.id === step) : at?.[step]), document);
}

/** As a control would send it. */
export const sent = (value) => (value === true ? '1' : value === false ? '0' : value === null || value === undefined ? '' : String(value));
