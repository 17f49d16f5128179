'use client';

import { useEffect } from 'react';
import { toast, Toaster } from 'sonner';
import { messagesReady } from './say';

/** Where short messages are shown. Loaded after the page: nothing is said before. */
export default function Messages() {
  useEffect(() => messagesReady(toast), []);
  return (
    <Toaster
      position="bottom-center"
      toastOptions={{
        style: {
          background: 'var(--ink)',
          color: 'var(--board)',
          border: 'none',
          fontFamily: 'var(--font-text)',
          fontSize: '1rem',
        },
        actionButtonStyle: {
          minHeight: 44,
          fontSize: '1rem',
          background: 'var(--board)',
          color: 'var(--ink)',
        },
      }}
    />
  );
}
