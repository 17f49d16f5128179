import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  serverExternalPackages: ['better-sqlite3'],
  // The kitchen's screen needs the room; errors still show.
  devIndicators: false,
  // Checked once, by `npm test`; a cook's machine need not do it again.
  typescript: { ignoreBuildErrors: true },
};

export default config;
