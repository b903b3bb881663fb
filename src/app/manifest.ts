import type { MetadataRoute } from 'next';

/** By it a phone or a computer puts Ruelle among its programs (W3C, Web Application Manifest). */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/',
    name: 'Ruelle',
    short_name: 'Ruelle',
    description: 'Exact plans for crocheted bags worked flat',
    start_url: '/',
    display: 'standalone',
    background_color: '#cfd6d1',
    theme_color: '#1d2b2d',
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
