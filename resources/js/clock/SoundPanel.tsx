import { useState } from 'react';
import { wakeAudio } from '@/ui/audio';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { voice } from './instrument';
import { changeSound, useSoundSettings } from './soundSettings';

const LEVELS = ['silent', 'low', 'middle', 'loud'] as const;

/** How the player sounds on this device. */
export function SoundPanel() {
  const settings = useSoundSettings();
  const [open, setOpen] = useState(false);
  const box = 'flex min-h-11 items-center gap-3';
  return (
    <>
      <Button look="quiet" className="min-h-11" aria-expanded={open} onClick={() => setOpen(!open)}>
        sound: {LEVELS[settings.volume]}
      </Button>
      {open && (
        <section aria-label="Sound" className="order-last grid w-full gap-1 rounded-lg border border-rail bg-sheet p-3 text-ink">
          <div role="group" aria-label="Volume" className="flex flex-wrap gap-1">
            {LEVELS.map((label, volume) => (
              <Choice
                key={label}
                pressed={settings.volume === volume}
                onPress={() => {
                  wakeAudio();
                  changeSound({ volume: volume as 0 | 1 | 2 | 3 });
                }}
              >
                {label}
              </Choice>
            ))}
          </div>
          {'vibrate' in navigator && (
            <label className={box}>
              <input
                type="checkbox"
                className="size-5 accent-rowan"
                checked={settings.vibrates}
                onChange={(event) => changeSound({ vibrates: event.target.checked })}
              />
              Vibrate at go, rest, change of sides and the end
            </label>
          )}
          {voice() ? (
            <label className={box}>
              <input
                type="checkbox"
                className="size-5 accent-rowan"
                checked={settings.speaks}
                onChange={(event) => changeSound({ speaks: event.target.checked })}
              />
              Count repetitions aloud
            </label>
          ) : (
            <p className="text-sm text-ink2">This device has no voice to count aloud with.</p>
          )}
        </section>
      )}
    </>
  );
}
