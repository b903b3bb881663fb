import { useEffect } from 'react';

/** Reads a text aloud with the browser's own voice, each time it changes. */
export function useSpoken(text: string | null): void {
  useEffect(() => {
    if (text === null || !('speechSynthesis' in window)) return;
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(text));
    return () => window.speechSynthesis.cancel();
  }, [text]);
}
