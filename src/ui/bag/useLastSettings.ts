'use client';

import { useSyncExternalStore } from 'react';
import { USUAL_SETTINGS, settingsSchema, type Settings } from '@/core/design';
import { localMemory } from '@/ui/browser/browserMemory';
import { LAST_SETTINGS_KEY } from './lastSettings';

let read: { text: string | null; settings: Settings } = { text: null, settings: USUAL_SETTINGS };

/** The settings that the maker used last, on pages that belong to no bag. On the server: the usual ones. */
export const useLastSettings = (): Settings => useSyncExternalStore(follow, lastSettings, () => USUAL_SETTINGS);

function lastSettings(): Settings {
  const text = localMemory.get(LAST_SETTINGS_KEY);
  if (text === read.text) return read.settings;
  try {
    const parsed = settingsSchema.safeParse(JSON.parse(text ?? 'null'));
    read = { text, settings: parsed.success ? parsed.data : USUAL_SETTINGS };
  } catch {
    read = { text, settings: USUAL_SETTINGS };
  }
  return read.settings;
}

function follow(changed: () => void): () => void {
  window.addEventListener('storage', changed);
  return () => window.removeEventListener('storage', changed);
}
