import type { ButtonHTMLAttributes, ReactNode, Ref } from 'react';
import { cx } from './cx';
import { Key } from './Key';

type Props = ButtonHTMLAttributes<HTMLButtonElement> & {
  /**
   * next: the one thing to do next. plain: everything else. quiet: inside rows and panes. floor: on the gym floor,
   * large; floor-next: the one to press there. What each looks like stands in app.css, below the utilities: a class
   * given here settles room and place, and never fights with a look over which of the two came first.
   */
  look?: 'next' | 'plain' | 'quiet' | 'floor' | 'floor-next';
  /** The key that does the same. */
  hotkey?: string | undefined;
  ref?: Ref<HTMLButtonElement>;
  children: ReactNode;
};

export function Button({ look = 'plain', hotkey, className, children, type = 'button', ...rest }: Props) {
  return (
    <button type={type} className={cx(`look look-${look}`, className)} {...rest}>
      <span className={look.startsWith('floor') ? 'text-center' : undefined}>{children}</span>
      {hotkey && <Key on={look.endsWith('next')}>{hotkey}</Key>}
    </button>
  );
}
