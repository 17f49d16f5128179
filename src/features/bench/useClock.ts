'use client';

import { useEffect, useSyncExternalStore } from 'react';

const listeners = new Set<() => void>();
let now = 0;
let timer: ReturnType<typeof setInterval> | null = null;

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  timer ??= setInterval(() => {
    now = Date.now();
    for (const each of listeners) each();
  }, 500);
  return () => {
    listeners.delete(listener);
    if (listeners.size > 0 || timer === null) return;
    clearInterval(timer);
    timer = null;
  };
}

/** The clock on the wall, twice a second; 0 before the page listens, so that server and page agree. */
export const useClock = (): number =>
  useSyncExternalStore(
    subscribe,
    () => (now ||= Date.now()),
    () => 0,
  );

/** Keeps the screen awake while a run is open, where the browser can. */
export function useAwake(on: boolean): void {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const hold = () => {
      // A page that is hidden lets go of its own accord.
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (got) => {
          lock = got;
          if (over) void got.release();
        },
        // A low battery may refuse it: the bench works on without.
        () => {},
      );
    };
    hold();
    document.addEventListener('visibilitychange', hold);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, [on]);
}

/** A soft chime of two tones; silent where the browser has no sound, or nobody has tapped yet. */
export function chime(): void {
  try {
    const audio = new AudioContext();
    [660, 880].forEach((pitch, i) => {
      const tone = audio.createOscillator();
      const loud = audio.createGain();
      const at = audio.currentTime + i * 0.28;
      tone.frequency.value = pitch;
      loud.gain.setValueAtTime(0.0001, at);
      loud.gain.exponentialRampToValueAtTime(0.18, at + 0.03);
      loud.gain.exponentialRampToValueAtTime(0.0001, at + 0.7);
      tone.connect(loud).connect(audio.destination);
      tone.start(at);
      tone.stop(at + 0.75);
    });
    setTimeout(() => void audio.close(), 1600);
  } catch {
    // The clock still shows.
  }
}
