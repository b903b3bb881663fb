import type { Metadata } from 'next';
import localFont from 'next/font/local';
import { cookies } from 'next/headers';
import type { ReactNode } from 'react';
import '@fontsource-variable/besley';
import '@fontsource-variable/source-sans-3';
import { Offline } from '@/ui/browser/Offline';
import { LIGHT_COOKIE, asLight } from '@/ui/theme/light';
import { Providers } from '@/ui/theme/Providers';

/** The letters that nearly every page needs come with it, so that nothing moves when they are there; those of other alphabets come when they are met. */
const heading = localFont({
  src: '../../node_modules/@fontsource-variable/besley/files/besley-latin-wght-normal.woff2',
  weight: '400 900',
  variable: '--font-heading',
  adjustFontFallback: 'Times New Roman',
});
const body = localFont({
  src: '../../node_modules/@fontsource-variable/source-sans-3/files/source-sans-3-latin-wght-normal.woff2',
  weight: '200 900',
  variable: '--font-body',
  adjustFontFallback: 'Arial',
});

/** Made anew for everyone who asks: each page bears a nonce of its own on its scripts. */
export const dynamic = 'force-dynamic';

export const metadata: Metadata = {
  title: { default: 'Ruelle', template: '%s · Ruelle' },
  description: 'Exact plans for crocheted bags worked flat',
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  const light = asLight((await cookies()).get(LIGHT_COOKIE)?.value);
  return (
    <html lang="en" data-light={light} className={`${heading.variable} ${body.variable}`}>
      <body>
        <Providers>{children}</Providers>
        <Offline />
      </body>
    </html>
  );
}
