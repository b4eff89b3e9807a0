// node ics-occurrences.mjs FILE FROM UNTIL: what ical.js, an independent parser, makes of a calendar file:
// every occurrence between two instants, as UTC, with its id and summary.
import { readFileSync } from 'node:fs';
import process from 'node:process';
import ICAL from 'ical.js';

const [file, from, until] = process.argv.slice(2);
const calendar = new ICAL.Component(ICAL.parse(readFileSync(file, 'utf8')));
for (const zone of calendar.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(new ICAL.Timezone(zone));
const events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
for (const moved of events.filter((event) => event.isRecurrenceException())) {
    events.find((event) => event.uid === moved.uid && !event.isRecurrenceException())?.relateException(moved);
}
const found = [];
for (const event of events.filter((one) => !one.isRecurrenceException())) {
    const steps = event.iterator();
    for (let next = steps.next(); next && next.toJSDate() <= new Date(until).getTime() + 8 * 864e5; next = steps.next()) {
        const { startDate, endDate, item } = event.getOccurrenceDetails(next);
        const at = startDate.toJSDate();
        if (at >= new Date(from) && at <= new Date(until)) {
            const alarm = item.component.getFirstSubcomponent('valarm')?.getFirstPropertyValue('trigger')?.toString() ?? null;
            found.push({
                at: at.toISOString(),
                minutes: (endDate.toJSDate() - at) / 6e4,
                uid: event.uid,
                summary: item.summary,
                alarm,
            });
        }
    }
}
found.sort((a, b) => (a.at + a.uid < b.at + b.uid ? -1 : 1));
process.stdout.write(JSON.stringify(found));
