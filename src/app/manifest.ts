import type { MetadataRoute } from 'next';

/** So that the bench can be put on a tablet's home screen and opened like any other tool. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Mortar Sheet',
    short_name: 'Mortar Sheet',
    description: 'Sums, judgement and memory for cooks of filled pasta.',
    start_url: '/',
    display: 'standalone',
    background_color: '#25302e',
    theme_color: '#25302e',
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
