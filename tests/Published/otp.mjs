// Writes the code of each line "SECRET-IN-HEX ALGORITHM DIGITS PERIOD SECONDS" of a file, as the npm package otplib computes it.
import { readFileSync } from 'node:fs';
import { generateSync } from 'otplib';

for (const line of readFileSync(process.argv[2], 'utf8').trim().split('\n')) {
  const [secret, algorithm, digits, period, epoch] = line.split(' ');
  console.log(generateSync({ secret: Buffer.from(secret, 'hex'), algorithm, digits: Number(digits), period: Number(period), epoch: Number(epoch) }));
}
