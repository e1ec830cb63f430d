// For each text of a file (a JSON list of {words, sentences}): the npm packages' syllables and reading ease.
import { readFileSync } from 'node:fs';
import { flesch } from 'flesch';
import { syllable } from 'syllable';

console.log(JSON.stringify(JSON.parse(readFileSync(process.argv[2], 'utf8')).map(({ words, sentences }) => {
  const syllables = words.reduce((sum, word) => sum + syllable(word), 0);
  return { syllables, ease: flesch({ sentence: sentences, word: words.length, syllable: syllables }) };
})));
