'use client';

import { useRef, useState } from 'react';
import { useAction } from '@/features/actions/useAction';
import { endEverySession, giveKey, takeKey } from '@/server/actions/door';
import { ROLE_WORDS, ROLES, type Role } from '@/server/door/roles';
import type { Outcome } from '@/server/outcome';
import { Button } from '@/ui/buttons/Button';
import { AskOnce } from '@/ui/layout/AskOnce';
import { BenchBar } from '@/ui/layout/BenchBar';

interface ShownKey {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
}

/** Names are kept in small letters, so that they are found however they are written. */
const nameOf = (name: string): string =>
  name.replace(/(^|\s)\p{L}/gu, (letter) => letter.toUpperCase()) || 'The house’s own';

/** Leaves this device signed out. */
async function leave(): Promise<void> {
  await fetch('/api/door', {
    method: 'DELETE',
    headers: { 'content-type': 'application/json' },
  }).catch(() => null);
  // What this device kept of the bench is for those who may see it; taps that wait stay.
  if ('caches' in window) {
    for (const name of await caches.keys()) await caches.delete(name);
  }
  // The door asks again.
  window.location.reload();
}

/** Who may come in from beyond this machine, and what for. */
export function KeysPage({
  keys,
  asks,
  me,
}: {
  keys: readonly ShownKey[];
  /** Whether this server asks anybody: it listens beyond its own machine. */
  asks: boolean;
  me: { readonly name: string; readonly role: Role | null };
}) {
  const form = useRef<HTMLFormElement>(null);
  const { busy, trouble, run: act } = useAction({ tells: 'here' });
  const [taking, setTaking] = useState<ShownKey | null>(null);
  const run = async (ask: () => Promise<Outcome>, done: string) => {
    if (await act(ask, { done })) form.current?.reset();
  };
  return (
    <>
      <BenchBar />
      <main id="main" tabIndex={-1} className="mx-auto grid max-w-[820px] gap-8 p-5 md:py-8">
        <div>
          <h1 className="font-display text-[2rem] leading-tight">Access</h1>
          <p className="mt-1 max-w-prose text-lead">
            {asks
              ? `You are signed in as ${me.name ? nameOf(me.name) : 'the house'}.`
              : 'Only this device can open the kitchen.'}
          </p>
          <p className="mt-1 max-w-prose text-ink-dim">
            {asks
              ? 'Other devices can reach it and are asked for a passphrase. Put a proxy with encryption in front.'
              : 'Let others in by giving them a passphrase, then start the server to listen beyond this device.'}
          </p>
        </div>
        <section aria-label="Access">
          {keys.length === 0 ? (
            <p>Nobody else has access yet.</p>
          ) : (
            <ul>
              {keys.map((key) => (
                <li
                  key={key.id}
                  className="flex flex-wrap items-center gap-x-4 border-b border-board-line py-1"
                >
                  <span className="min-w-[8rem] font-semibold break-words">{nameOf(key.name)}</span>
                  <span className="min-w-[12rem] flex-1 text-ink-dim">{ROLE_WORDS[key.role]}</span>
                  <button
                    type="button"
                    className="link min-h-[44px]"
                    aria-label={`Remove access of ${nameOf(key.name)}`}
                    onClick={() => setTaking(key)}
                  >
                    Remove
                  </button>
                </li>
              ))}
            </ul>
          )}
        </section>
        <form
          ref={form}
          className="grid max-w-[30rem] gap-4"
          onSubmit={(event) => {
            event.preventDefault();
            const data = new FormData(event.currentTarget);
            const key = {
              name: data.get('name'),
              role: data.get('role'),
              passphrase: data.get('passphrase'),
            };
            void run(() => giveKey(key), 'Access given');
          }}
        >
          <h2 className="font-display text-figure">Give access</h2>
          <label>
            <span className="mb-1 block text-small text-ink-dim">
              Name (leave empty for one shared by everyone)
            </span>
            <input className="field" name="name" maxLength={60} autoComplete="off" />
          </label>
          <fieldset className="grid gap-1">
            <legend className="mb-1 text-small text-ink-dim">Can</legend>
            {ROLES.map((role) => (
              <label key={role} className="flex min-h-[44px] items-center gap-3">
                <input
                  className="h-5 w-5 shrink-0 accent-[var(--ink)]"
                  type="radio"
                  name="role"
                  value={role}
                  defaultChecked={role === 'bench'}
                />
                {ROLE_WORDS[role]}
              </label>
            ))}
          </fieldset>
          <label>
            <span className="mb-1 block text-small text-ink-dim">
              Passphrase, at least 10 letters
            </span>
            <input
              className="field"
              name="passphrase"
              type="password"
              minLength={10}
              maxLength={200}
              required
              autoComplete="new-password"
            />
          </label>
          {trouble && (
            <p role="alert" className="font-semibold text-brick">
              {trouble}
            </p>
          )}
          <div>
            <Button strong submits resting={busy}>
              Give access
            </Button>
          </div>
        </form>
        {asks && (
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => void leave()}>Sign out</Button>
            <Button onClick={() => void act(endEverySession, { then: () => void leave() })}>
              Sign everybody out
            </Button>
          </div>
        )}
        {taking && (
          <AskOnce
            question={`Remove access of ${nameOf(taking.name)}?`}
            says="Whoever is signed in with it is signed out at once."
            yes="Remove access"
            no="Keep"
            onNo={() => setTaking(null)}
            onYes={() => {
              setTaking(null);
              void run(() => takeKey(taking.id), 'Access removed');
            }}
          />
        )}
      </main>
    </>
  );
}
