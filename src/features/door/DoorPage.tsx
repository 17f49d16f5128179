'use client';

import { useState } from 'react';
import { cookHere } from '@/features/bench/cookHere';
import { Button } from '@/ui/buttons/Button';
import { PlainBar } from '@/ui/layout/PlainBar';
import { useInBrowser } from '@/ui/browser/useInBrowser';

/** Asks who comes. */
export function DoorPage({ to }: { to: string }) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const bare = useInBrowser(() => !window.isSecureContext, false);
  const enter = async (form: FormData) => {
    setBusy(true);
    setTrouble(null);
    const response = await fetch('/api/door', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name: form.get('name'), passphrase: form.get('passphrase') }),
    }).catch(() => null);
    const body = (await response?.json().catch(() => null)) as {
      error?: string;
      cook?: string | null;
    } | null;
    if (response?.ok) {
      if (body?.cook) cookHere().write(body.cook);
      return window.location.assign(to);
    }
    setTrouble(body?.error ?? 'No answer from the server. Try again.');
    setBusy(false);
  };
  return (
    <>
      <PlainBar />
      <main id="main" tabIndex={-1} className="mx-auto max-w-[420px] p-5 py-12">
        <h1 className="font-display text-[2rem] leading-tight">Sign in</h1>
        <form
          className="mt-5 grid gap-4"
          onSubmit={(event) => {
            event.preventDefault();
            if (!busy) void enter(new FormData(event.currentTarget));
          }}
        >
          <label>
            <span className="mb-1 block text-small text-ink-dim">
              Name; empty with the house’s own passphrase
            </span>
            <input className="field" name="name" autoComplete="username" maxLength={60} />
          </label>
          <label>
            <span className="mb-1 block text-small text-ink-dim">Passphrase</span>
            <input
              className="field"
              name="passphrase"
              type="password"
              autoComplete="current-password"
              maxLength={400}
              required
            />
          </label>
          {trouble && (
            <p role="alert" className="font-semibold text-brick">
              {trouble}
            </p>
          )}
          <div>
            <Button strong submits resting={busy}>
              {busy ? 'Checking…' : 'Sign in'}
            </Button>
          </div>
          {bare && (
            <p className="text-small text-ink-dim">
              This line is not encrypted: whoever listens on this network can read along. Encryption
              belongs to a proxy in front of the kitchen.
            </p>
          )}
        </form>
      </main>
    </>
  );
}
