import type { Metadata } from 'next';
import { cookies } from 'next/headers';
import type { ReactNode } from 'react';
import '@fontsource-variable/besley';
import '@fontsource-variable/source-sans-3';
import { Offline } from '@/ui/browser/Offline';
import { LIGHT_COOKIE, asLight } from '@/ui/theme/light';
import { Providers } from '@/ui/theme/Providers';

/** Made anew for everyone who asks: each page bears a nonce of its own on its scripts. */
export const dynamic = 'force-dynamic';

export const metadata: Metadata = {
  title: { default: 'Ruelle', template: '%s · Ruelle' },
  description: 'Exact plans for crocheted bags worked flat',
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  const light = asLight((await cookies()).get(LIGHT_COOKIE)?.value);
  return (
    <html lang="en" data-light={light}>
      <body>
        <Providers>{children}</Providers>
        <Offline />
      </body>
    </html>
  );
}
