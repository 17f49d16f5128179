import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import './globals.css';
import type { Metadata, Viewport } from 'next';
import { NuqsAdapter } from 'nuqs/adapters/next/app';
import type { ReactNode } from 'react';
import { preload } from 'react-dom';
import { readPreferences } from '@/server/preferences';
import { Chrome } from '@/ui/layout/Chrome';
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
  for (const { pathname } of FONTS) {
    preload(pathname, { as: 'font', type: 'font/woff2', crossOrigin: 'anonymous' });
  }
  return (
    <html lang="en" data-theme={theme}>
      <body>
        <NuqsAdapter>
          <ViewProvider guess={view}>
            <Chrome units={units} theme={theme} keys={keys}>
              {children}
            </Chrome>
          </ViewProvider>
        </NuqsAdapter>
      </body>
    </html>
  );
}
