import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import '@fontsource-variable/besley';
import '@fontsource-variable/source-sans-3';
import { Offline } from '@/ui/browser/Offline';
import { Providers } from '@/ui/theme/Providers';

/** Made anew for everyone who asks: each page bears a nonce of its own on its scripts. */
export const dynamic = 'force-dynamic';

export const metadata: Metadata = {
  title: { default: 'Ruelle', template: '%s · Ruelle' },
  description: 'Exact plans for crocheted bags worked flat',
};

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <body>
        <Providers>{children}</Providers>
        <Offline />
      </body>
    </html>
  );
}
