import { resolve } from 'node:path';

/** Where the two listeners stand and where data lies, from the environment. */
export interface Config {
  readonly host: string;
  readonly port: number;
  readonly cardPort: number;
  /** The address that cards are reached under, without a trailing slash. */
  readonly publicUrl: string;
  readonly dataDir: string;
  readonly passphrase: string | null;
  readonly tls: { readonly cert: string; readonly key: string } | null;
  /** What is allowed and not wise, in words for whoever starts it. */
  readonly warnings: readonly string[];
  /** Host names that requests may be addressed to. */
  readonly hosts: readonly string[];
  readonly cardHosts: readonly string[];
}

/** A setting is wrong, in words that say what to do. */
export class ConfigError extends Error {}

const LOOPBACK = new Set(['127.0.0.1', 'localhost', '::1']);

/** Addresses that mean "every address of this machine". */
const EVERYWHERE = new Set(['0.0.0.0', '::']);

/**
 * Reads the settings.
 *
 * @param own this machine's own names and addresses, which requests may be addressed to when it listens on all of them.
 * @throws ConfigError for one that cannot be.
 */
export function readConfig(env: NodeJS.ProcessEnv, own: readonly string[] = []): Config {
  const port = portOf(env.PORT, 4180, 'PORT');
  const cardPort = portOf(env.CARD_PORT, 4181, 'CARD_PORT');
  if (port === cardPort && port !== 0) throw new ConfigError('PORT and CARD_PORT must differ.');
  const host = env.HOST?.trim() || '127.0.0.1';
  const passphrase = env.IMBISS_PASSPHRASE?.trim() || null;
  const open = !LOOPBACK.has(host);
  if (open && (passphrase === null || passphrase.length < 8)) {
    throw new ConfigError(
      `HOST=${host} opens the household to others. Set IMBISS_PASSPHRASE to a passphrase of at least 8 characters.`,
    );
  }
  if (open && isGuessable(passphrase!)) {
    throw new ConfigError('IMBISS_PASSPHRASE is guessed at once. Take a few words, such as from a song at home.');
  }
  const cert = env.TLS_CERT?.trim();
  const key = env.TLS_KEY?.trim();
  if (Boolean(cert) !== Boolean(key)) throw new ConfigError('TLS_CERT and TLS_KEY go together: set both or none.');
  const tls = cert && key ? { cert, key } : null;
  const warnings: string[] = [];
  if (open && tls === null) {
    if (env.IMBISS_PLAIN_HTTP?.trim() !== '1') {
      throw new ConfigError(
        `HOST=${host} without TLS_CERT and TLS_KEY sends the passphrase in the clear. Set both, or IMBISS_PLAIN_HTTP=1 where everybody on the network may read along.`,
      );
    }
    warnings.push('Without TLS everybody on this network can read along: the passphrase, the recipes, all of it.');
  }
  const scheme = tls === null ? 'http' : 'https';
  const publicUrl = (env.PUBLIC_URL?.trim() || `${scheme}://${shownHost(host, own)}:${cardPort}`).replace(/\/+$/, '');
  let publicHost: string;
  try {
    publicHost = new URL(publicUrl).hostname;
  } catch {
    throw new ConfigError(`PUBLIC_URL=${publicUrl} is not a web address. Write it with http:// or https://.`);
  }
  if (tls !== null && publicUrl.startsWith('http://'))
    warnings.push(
      `PUBLIC_URL=${publicUrl} begins with http, but cards are served over https here: check that it leads to them.`,
    );
  const extra = (env.IMBISS_HOSTS ?? '')
    .split(',')
    .map((h) => h.trim().toLowerCase())
    .filter(Boolean);
  const named = EVERYWHERE.has(host) ? own.map((n) => n.toLowerCase()) : [host.toLowerCase()];
  const hosts = ['localhost', '127.0.0.1', '[::1]', ...named, ...extra];
  return {
    host,
    port,
    cardPort,
    publicUrl,
    dataDir: resolve(env.IMBISS_DATA?.trim() || 'data'),
    passphrase,
    tls,
    warnings,
    hosts,
    cardHosts: [...hosts, publicHost.toLowerCase()],
  };
}

/** Digits alone, or few different characters: what anybody tries first. */
const isGuessable = (passphrase: string): boolean =>
  /^\d+$/.test(passphrase) ||
  new Set(passphrase.toLowerCase()).size < 5 ||
  /^(password|passwort|passphrase)/i.test(passphrase);

/** The host that a printed address names. */
export function shownHost(host: string, own: readonly string[]): string {
  if (LOOPBACK.has(host)) return 'localhost';
  return EVERYWHERE.has(host) ? (own[0] ?? 'localhost') : host;
}

function portOf(text: string | undefined, fallback: number, name: string): number {
  if (text === undefined || text.trim() === '') return fallback;
  const n = Number(text);
  if (!Number.isInteger(n) || n < 0 || n > 65535)
    throw new ConfigError(`${name}=${text} is not a port from 1 to 65535.`);
  return n;
}
