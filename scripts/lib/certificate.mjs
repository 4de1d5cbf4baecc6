import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { networkInterfaces } from 'node:os';
import { join, resolve } from 'node:path';
import { runToEnd } from './children.mjs';
import { ensureProgram } from './install.mjs';

/** Browsers refuse certificates that hold longer than 398 days; an authority of one's own holds ten years. */
const DAYS = 397;
const AUTHORITY_DAYS = 3650;
const RENEW_SEC = 30 * 24 * 3600;

/** Every name and address under which a tablet of the kitchen's network may ask this machine. */
function namesHere(host) {
  const more = (process.env.HODSMAN_NAMES ?? '').split(',').map((n) => n.trim());
  const own = Object.values(networkInterfaces()).flatMap((list) => (list ?? []).map((i) => i.address));
  return [...new Set(['localhost', '127.0.0.1', host, ...own, ...more])].filter(
    (n) => n !== '' && n !== '0.0.0.0' && n !== '::' && !n.includes('%') && !n.startsWith('fe80'),
  );
}

const openssl = async (words, folder) => {
  const done = await runToEnd('openssl', words, { cwd: folder });
  if (done.status !== 0) throw new Error(`the certificate could not be made: ${done.stderr.trim().split('\n').at(-1)}`);
};

/**
 * The files of a certificate for HTTPS, as `HODSMAN_HTTPS` says: `own` is one of our own making in `folder`, signed by an authority that
 * tablets are told to trust once; `CERTIFICATE,KEY` are two files that somebody gives. Undefined: plain HTTP.
 */
export async function certificateFor(asked, host, folder) {
  if (!asked) return undefined;
  if (asked !== 'own') {
    const [cert, key] = asked.split(',').map((f) => resolve(f.trim()));
    if (!cert || !key || !existsSync(cert) || !existsSync(key))
      throw new Error(
        `HODSMAN_HTTPS is ${asked}, expected own, or the paths of a certificate and its key with a comma between`,
      );
    return { cert, key, authority: undefined };
  }
  await ensureProgram('openssl', 'openssl');
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const [authority, authorityKey] = [join(folder, 'authority.pem'), join(folder, 'authority.key')];
  const [cert, key, list] = [join(folder, 'server.pem'), join(folder, 'server.key'), join(folder, 'names')];
  if (!existsSync(authority))
    await openssl(
      [
        ...['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-sha256', '-days', String(AUTHORITY_DAYS)],
        ...['-subj', '/CN=Hodsman of this kitchen', '-keyout', authorityKey, '-out', authority],
        ...['-addext', 'basicConstraints=critical,CA:TRUE', '-addext', 'keyUsage=critical,keyCertSign,cRLSign'],
      ],
      folder,
    );
  const names = namesHere(host).sort().join(',');
  const isKnown = existsSync(cert) && existsSync(list) && readFileSync(list, 'utf8') === names;
  const holds =
    isKnown &&
    (await runToEnd('openssl', ['x509', '-checkend', String(RENEW_SEC), '-noout', '-in', cert])).status === 0;
  if (!holds) {
    const alt = names
      .split(',')
      .map((n) => `${isIP(n) ? 'IP' : 'DNS'}:${n}`)
      .join(',');
    const extensions = join(folder, 'extensions');
    writeFileSync(extensions, `subjectAltName=${alt}\nextendedKeyUsage=serverAuth\nbasicConstraints=CA:FALSE\n`);
    const request = join(folder, 'request.pem');
    await openssl(
      ['req', '-newkey', 'rsa:2048', '-nodes', '-subj', '/CN=Hodsman', '-keyout', key, '-out', request],
      folder,
    );
    await openssl(
      [
        ...['x509', '-req', '-sha256', '-days', String(DAYS), '-in', request, '-out', cert, '-extfile', extensions],
        ...['-CA', authority, '-CAkey', authorityKey, '-CAcreateserial'],
      ],
      folder,
    );
    writeFileSync(list, names);
  }
  return { cert, key, authority };
}
