import { parseDate } from '@internationalized/date';
import { Button, Calendar as Aria, CalendarCell, CalendarGrid, Heading, I18nProvider } from 'react-aria-components';

/** A month to pick a day from, Monday first. */
export default function Calendar({ label, value, onPick }: { label: string; value: string; onPick: (date: string) => void }) {
  return (
    <I18nProvider locale="en-GB">
      <Aria aria-label={label} defaultValue={parseDate(value)} onChange={(date) => onPick(date.toString())}>
        <header className="mb-2 flex items-center justify-between">
          <Button slot="previous" className="look look-plain px-3">
            ‹
          </Button>
          <Heading className="font-display font-[650]" />
          <Button slot="next" className="look look-plain px-3">
            ›
          </Button>
        </header>
        <CalendarGrid weekdayStyle="short" className="text-center">
          {(date) => (
            <CalendarCell
              date={date}
              className="m-0.5 flex size-9 cursor-pointer items-center justify-center rounded-md outline-offset-2 hover:bg-paper data-[focus-visible]:outline-2 data-[focus-visible]:outline-rowan data-[outside-month]:text-ink3 data-[selected]:bg-ink data-[selected]:text-ground"
            />
          )}
        </CalendarGrid>
      </Aria>
    </I18nProvider>
  );
}
