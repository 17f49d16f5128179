import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  serverExternalPackages: ['better-sqlite3'],
  // The kitchen's screen needs the room; errors still show.
  devIndicators: false,
};

export default config;
