import { type ReactNode } from 'react';

/** What reads, sets and binds a field of the rung. */
export type Value = (field: string) => unknown;
export type Setter = (field: string, next: unknown) => void;
type Bound = { value: string; onChange: (event: { target: { value: string } }) => void };
export type Text = (field: string) => Bound;
export type Part = (field: string, name: string) => Bound;

export function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset className="border-t border-hairline pt-2">
      <legend className="float-left mb-2 w-full font-display font-[650]">{title}</legend>
      <div className="clear-both grid gap-3 sm:grid-cols-2">{children}</div>
    </fieldset>
  );
}
