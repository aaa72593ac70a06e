// Installs what the lock file names, unless that was done before: most builds change no dependency.
import { createHash } from 'node:crypto';
import { execSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';

const done = 'node_modules/.installed';
const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
if (!existsSync(done) || readFileSync(done, 'utf8') !== lock) {
  execSync('npm ci --no-audit --no-fund', { stdio: 'inherit' });
  writeFileSync(done, lock);
}
