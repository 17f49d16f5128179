import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  reactCompiler: true,
  poweredByHeader: false,
  // What is kept worked out holds for the build that worked it out.
  env: { MORTAR_BUILT: new Date().toISOString() },
  serverExternalPackages: ['better-sqlite3', 'pdfkit', 'fontkit'],
  // The kitchen's screen needs the room; errors still show.
  devIndicators: false,
  // A pantry of thousands of rows comes in at once.
  experimental: {
    serverActions: { bodySizeLimit: '8mb' },
    // Routes set their own limits where they read; what is cut short before them would look damaged.
    proxyClientMaxBodySize: '520mb',
  },
  // Checked once, by `npm test`; a cook's machine need not do it again.
  typescript: { ignoreBuildErrors: true },
};

export default config;
