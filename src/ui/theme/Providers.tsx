'use client';

import { ChakraProvider } from '@chakra-ui/react';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { useServerInsertedHTML } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { system } from './system';

/**
 * Chakra with an Emotion cache whose styles are flushed into the streamed page, so that the first paint has them and the
 * browser's first render agrees with the server's.
 */
export function Providers({ children }: { children: ReactNode }) {
  const [{ cache, flush }] = useState(() => {
    const cache = createCache({ key: 'css' });
    cache.compat = true;
    const insert = cache.insert;
    let inserted: { name: string; isGlobal: boolean }[] = [];
    cache.insert = (...args) => {
      const [selector, serialized] = args;
      if (cache.inserted[serialized.name] === undefined)
        inserted.push({ name: serialized.name, isGlobal: selector === '' });
      return insert(...args);
    };
    const flush = () => {
      const styles = inserted.flatMap(({ name, isGlobal }) => {
        const text = cache.inserted[name];
        return typeof text === 'string' ? [{ name, isGlobal, text }] : [];
      });
      inserted = [];
      return styles;
    };
    return { cache, flush };
  });

  useServerInsertedHTML(() => {
    const styles = flush();
    const scoped = styles.filter(({ isGlobal }) => !isGlobal);
    return (
      <>
        {styles
          .filter(({ isGlobal }) => isGlobal)
          .map(({ name, text }) => (
            <style key={name} data-emotion={`${cache.key}-global ${name}`} dangerouslySetInnerHTML={{ __html: text }} />
          ))}
        {scoped.length > 0 && (
          <style
            data-emotion={`${cache.key} ${scoped.map(({ name }) => name).join(' ')}`}
            dangerouslySetInnerHTML={{ __html: scoped.map(({ text }) => text).join('') }}
          />
        )}
      </>
    );
  });

  return (
    <CacheProvider value={cache}>
      <ChakraProvider value={system}>{children}</ChakraProvider>
    </CacheProvider>
  );
}
