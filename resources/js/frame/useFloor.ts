import { useLayoutEffect } from 'react';

/** While somebody trains, nothing of the desk is on the screen. */
export function useFloor(isOn: boolean): void {
  useLayoutEffect(() => {
    if (!isOn) return;
    document.documentElement.toggleAttribute('data-floor', true);
    return () => {
      document.documentElement.toggleAttribute('data-floor', false);
    };
  }, [isOn]);
}
