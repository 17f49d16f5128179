import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import './globals.css';
import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { headers } from 'next/headers';
import { preload } from 'react-dom';
import { TapsWaiting } from '@/features/bench/TapsWaiting';
import { readPreferences } from '@/server/preferences';
import { Chrome } from '@/ui/layout/Chrome';
import { NOTE_EARLY } from '@/ui/layout/early';
import { ViewProvider } from '@/ui/layout/ViewContext';

/** Each page is of this kitchen, now: none is made while building, which touches no kitchen's file. */
export const dynamic = 'force-dynamic';

export const metadata: Metadata = {
  title: { default: 'Mortar Sheet', template: '%s · Mortar Sheet' },
  description: 'Sums, judgement and memory for cooks of filled pasta.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#25302e' };

/** Asked for with the page, so that it is not first drawn in another type and then shifts. */
const FONTS = [
  new URL(
    '../../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
    import.meta.url,
  ),
  new URL(
    '../../node_modules/@fontsource-variable/bricolage-grotesque/files/bricolage-grotesque-latin-wght-normal.woff2',
    import.meta.url,
  ),
];

export default async function RootLayout({ children }: { children: ReactNode }) {
  const { units, theme, view, keys } = await readPreferences();
  const policy = (await headers()).get('content-security-policy') ?? '';
  for (const { pathname } of FONTS) {
    preload(pathname, { as: 'font', type: 'font/woff2', crossOrigin: 'anonymous' });
  }
  return (
    <html lang="en" data-theme={theme}>
      <head>
        <script
          nonce={/'nonce-([^']+)'/.exec(policy)?.[1]}
          // The browser hides the nonce from scripts.
          suppressHydrationWarning
          dangerouslySetInnerHTML={{ __html: NOTE_EARLY }}
        />
      </head>
      <body>
        <ViewProvider guess={view}>
          <Chrome units={units} theme={theme} keys={keys}>
            {children}
            <TapsWaiting />
          </Chrome>
        </ViewProvider>
      </body>
    </html>
  );
}
