'use client';

import { useRouter } from 'next/navigation';
import { useHotkeys } from 'react-hotkeys-hook';
import { useBagStore } from './BagProvider';
import { PLACES, type PlaceSlug } from './places';

/** The keys that work everywhere in a bag. Written down in ShortcutSheet. */
export function useBagKeys(onShowSheet: () => void): void {
  const router = useRouter();
  const store = useBagStore();
  const always = { preventDefault: true, enableOnFormTags: true } as const;

  // In a text field the browser's own undo is meant; on a line of the drawing ours is.
  const outsideText = { ...always, ignoreEventWhen: ({ target }: KeyboardEvent) => isText(target) } as const;

  const goTo = (place: PlaceSlug) => {
    router.push(`/bags/${store.getState().id}/${place}`);
    goToPlace();
  };

  useHotkeys('mod+z', () => store.getState().undo(), outsideText);
  useHotkeys(['mod+y', 'mod+shift+z'], () => store.getState().redo(), outsideText);
  useHotkeys(
    'alt+1,alt+2,alt+3,alt+4,alt+5,alt+6,alt+7,alt+8,alt+9',
    (event) => {
      const place = PLACES[Number(event.code.slice(-1)) - 1];
      if (place) goTo(place.slug);
    },
    always,
  );
  // The tape has one place more than there are digits.
  useHotkeys('alt+w', () => goTo('write-up'), always);
  useHotkeys('alt+0', () => router.push('/'), always);
  useHotkeys(
    'alt+u',
    () => {
      const { design, edit } = store.getState();
      const value = design.settings.lengthUnit === 'cm' ? 'in' : 'cm';
      edit('Lengths in', [{ path: ['settings', 'lengthUnit'], value }]);
    },
    always,
  );
  useHotkeys(
    'alt+t',
    () => {
      const { design, edit } = store.getState();
      const value = design.settings.terms === 'us' ? 'uk' : 'us';
      // From another language it is back to English first.
      const isEnglish = design.written.language === 'en';
      edit(
        'Crochet words',
        isEnglish ? [{ path: ['settings', 'terms'], value }] : [{ path: ['written', 'language'], value: 'en' }],
      );
    },
    always,
  );
  useHotkeys('?', onShowSheet, { ...outsideText, useKey: true });
}

/** Whoever goes by keys goes on from the place, not from where she was on another: what is typed next is meant for it. */
function goToPlace(): void {
  document.getElementById('place')?.focus({ preventScroll: true });
}

/** Inputs that nothing is typed into. */
const CHOSEN = new Set(['radio', 'checkbox', 'range', 'button', 'file', 'color']);

/** Whether a key is pressed where it is typed: a choice by its drawing is an input as well, and no text. */
const isText = (target: EventTarget | null): boolean =>
  target instanceof HTMLTextAreaElement ||
  (target instanceof HTMLInputElement && !CHOSEN.has(target.type)) ||
  (target instanceof HTMLElement && target.isContentEditable);
