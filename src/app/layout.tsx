import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import './globals.css';
import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { readPreferences } from '@/server/preferences';
import { Chrome } from '@/ui/layout/Chrome';

export const metadata: Metadata = {
  title: { default: 'Mortar Sheet', template: '%s · Mortar Sheet' },
  description: 'Sums, judgement and memory for cooks of filled pasta.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#25302e' };

export default async function RootLayout({ children }: { children: ReactNode }) {
  const { units, theme } = await readPreferences();
  return (
    <html lang="en" data-theme={theme}>
      <body>
        <Chrome units={units} theme={theme}>
          {children}
        </Chrome>
      </body>
    </html>
  );
}
