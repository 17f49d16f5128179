import { randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';
import { FieldError } from '@/core/range';

/** Fewer letters than this are found by trying. */
export const SHORTEST = 10;
const LONGEST = 200;

/** What hashing costs: 64 MB and about a fifth of a second, for each try. */
const COST = { N: 2 ** 16, r: 8, p: 1 } as const;
const KEY_BYTES = 32;

const derive = (passphrase: string, salt: Buffer, { N, r, p }: typeof COST | Cost) => {
  const options: ScryptOptions = { N, r, p, maxmem: 256 * N * r };
  const hashed = () =>
    new Promise<Buffer>((resolve, reject) =>
      // However a keyboard composes its letters, the same are the same.
      scrypt(passphrase.normalize('NFKC'), salt, KEY_BYTES, options, (error, key) =>
        error ? reject(error) : resolve(key),
      ),
    );
  const mine = last.then(hashed);
  last = mine.catch(() => {});
  return mine;
};

/** One at a time: many tries at once must not take the machine's memory. */
let last: Promise<unknown> = Promise.resolve();

interface Cost {
  readonly N: number;
  readonly r: number;
  readonly p: number;
}

/**
 * Hashes a passphrase with scrypt, slowly and with much memory, under a salt of its own.
 * @throws FieldError when it is too short or too long
 */
export async function hashPassphrase(passphrase: string): Promise<string> {
  const letters = [...passphrase.trim()].length;
  if (letters < SHORTEST || letters > LONGEST) {
    throw new FieldError('passphrase', `must be ${SHORTEST} to ${LONGEST} letters, not ${letters}`);
  }
  const salt = randomBytes(16);
  const key = await derive(passphrase.trim(), salt, COST);
  const { N, r, p } = COST;
  return ['scrypt', N, r, p, salt.toString('base64'), key.toString('base64')].join('$');
}

/** Hashes of no passphrase: trying an unknown name then takes as long as a known one. */
const NOBODY = `scrypt$${COST.N}$${COST.r}$${COST.p}$${'A'.repeat(22)}==$${'A'.repeat(43)}=`;

/**
 * Whether a passphrase is the one that was hashed.
 * @param hash null for a name that nobody has: it takes as long, and is never right
 */
export async function isPassphrase(passphrase: string, hash: string | null): Promise<boolean> {
  const [kind, N, r, p, salt = '', kept = ''] = (hash ?? NOBODY).split('$');
  if (kind !== 'scrypt' || passphrase.length > 4 * LONGEST) return false;
  const cost: Cost = { N: Number(N), r: Number(r), p: Number(p) };
  const key = await derive(passphrase.trim(), Buffer.from(salt, 'base64'), cost);
  const known = Buffer.from(kept, 'base64');
  return key.length === known.length && timingSafeEqual(key, known) && hash !== null;
}
