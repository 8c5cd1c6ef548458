import { execFileSync } from 'node:child_process';
import { join } from 'node:path';

/** A certificate for localhost that lasts a day, in a folder. */
export function ownCertificate(dir: string): { readonly TLS_CERT: string; readonly TLS_KEY: string } {
  const [cert, key] = [join(dir, 'cert.pem'), join(dir, 'key.pem')];
  const request = ['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '1', '-subj', '/CN=localhost'];
  execFileSync('openssl', [...request, '-keyout', key, '-out', cert], { stdio: 'ignore' });
  return { TLS_CERT: cert, TLS_KEY: key };
}
