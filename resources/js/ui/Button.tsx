import type { ButtonHTMLAttributes, ReactNode, Ref } from 'react';
import { cx } from './cx';
import { Key } from './Key';

type Props = ButtonHTMLAttributes<HTMLButtonElement> & {
  /** next: the one thing to do next. plain: everything else. quiet: inside rows and panes. floor: on the gym floor, large. */
  look?: 'next' | 'plain' | 'quiet' | 'floor';
  /** The key that does the same. */
  hotkey?: string | undefined;
  ref?: Ref<HTMLButtonElement>;
  children: ReactNode;
};

const looks = {
  next: 'min-h-10 justify-between rounded-md bg-rowan px-4 py-2 font-semibold text-on-rowan hover:brightness-110 disabled:bg-ink3 disabled:text-ground',
  plain:
    'min-h-9 rounded-md border border-ink2 bg-paper px-3 py-1.5 text-ink hover:border-ink hover:bg-sheet disabled:border-hairline disabled:text-ink3',
  quiet:
    'min-h-7 rounded-sm px-1.5 py-0.5 text-ink2 underline decoration-hairline underline-offset-4 hover:text-ink hover:decoration-ink disabled:no-underline disabled:opacity-60',
  floor: 'min-h-14 justify-center rounded-lg border border-rail bg-sheet px-4 py-3 text-lg font-semibold text-ink hover:bg-paper',
};

export function Button({ look = 'plain', hotkey, className, children, type = 'button', ...rest }: Props) {
  return (
    <button type={type} className={cx('inline-flex items-center gap-3 text-left', looks[look], className)} {...rest}>
      <span className={look === 'floor' ? 'text-center' : undefined}>{children}</span>
      {hotkey && <Key on={look === 'next'}>{hotkey}</Key>}
    </button>
  );
}
