import { createHmac, timingSafeEqual } from 'node:crypto';
import * as z from 'zod';

/** Name of the cookie. */
export const SESSION_COOKIE = 'mortar-session';

/** A session lasts so long, s. */
export const SESSION_S = 30 * 24 * 3600;

const sessionSchema = z.object({
  /** Of the key that opened it. */
  key: z.string().min(1).max(60),
  /** When that key was last changed: another passphrase ends its sessions. */
  keyAt: z.string().max(40),
  /** Everybody's, at the time: grown, it ends all. */
  generation: z.number().int(),
  /** Seconds since 1970. */
  until: z.number().int(),
  /** Tells two of one key apart; those from before have none. */
  id: z.string().max(40).optional(),
});

/** Who is in, as the cookie says it. */
export type Session = z.infer<typeof sessionSchema>;

const signature = (text: string, secret: string): Buffer =>
  createHmac('sha256', Buffer.from(secret, 'base64')).update(text).digest();

/** A session as text that only this kitchen can have made. */
export function signSession(session: Session, secret: string): string {
  const text = Buffer.from(JSON.stringify(session)).toString('base64url');
  return `${text}.${signature(text, secret).toString('base64url')}`;
}

/** Reads a session; null when it was not made here, was changed, or is over. */
export function readSession(
  cookie: string | undefined,
  { secret, generation, nowS }: { secret: string; generation: number; nowS: number },
): Session | null {
  const [text = '', signed = '', ...more] = cookie?.split('.') ?? [];
  if (!text || !signed || more.length > 0) return null;
  const [given, right] = [Buffer.from(signed, 'base64url'), signature(text, secret)];
  if (given.length !== right.length || !timingSafeEqual(given, right)) return null;
  const read = sessionSchema.safeParse(JSON.parse(Buffer.from(text, 'base64url').toString()));
  if (!read.success) return null;
  const over = read.data.until <= nowS || read.data.generation !== generation;
  return over ? null : read.data;
}

/** The cookie's line: no script reads it, no other site's form sends it. */
export const sessionCookie = (value: string, { encrypted }: { encrypted: boolean }): string =>
  [
    `${SESSION_COOKIE}=${value}`,
    'Path=/',
    'HttpOnly',
    'SameSite=Lax',
    `Max-Age=${value ? SESSION_S : 0}`,
    ...(encrypted ? ['Secure'] : []),
  ].join('; ');
