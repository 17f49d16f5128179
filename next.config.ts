import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  reactCompiler: true,
  poweredByHeader: false,
  serverExternalPackages: ['better-sqlite3', 'pdfkit', 'fontkit'],
  // The kitchen's screen needs the room; errors still show.
  devIndicators: false,
  // A pantry of thousands of rows comes in at once.
  experimental: { serverActions: { bodySizeLimit: '8mb' } },
  // Checked once, by `npm test`; a cook's machine need not do it again.
  typescript: { ignoreBuildErrors: true },
};

export default config;
