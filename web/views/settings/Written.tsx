import { Choice } from '../../parts/Choice.js';
import { Section } from '../../parts/Section.js';
import { dateFormat, setWritten, written, type Clock, type DateOrder, type WrittenWays } from '../../text/language.js';
import { settingsText } from './text.en-GB.js';

const SAMPLE = new Date(2026, 5, 6, 17, 5);
const sample = (ways: Partial<WrittenWays>, how: Intl.DateTimeFormatOptions) =>
  dateFormat(how, { ...written, ...ways }).format(SAMPLE);
const daySample = (dates: DateOrder) => sample({ dates }, { day: 'numeric', month: 'long', year: 'numeric' });
const clockSample = (clock: Clock) => sample({ clock }, { hour: 'numeric', minute: '2-digit' });

/** How dates and the clock are written on this device; the page opens anew with them. */
export function Written() {
  const set = <K extends keyof WrittenWays>(way: K, value: WrittenWays[K]) => {
    setWritten(way, value);
    location.reload();
  };
  return (
    <Section title={settingsText.datesAndClock}>
      <div className="grid gap-3">
        <Choice<DateOrder>
          label={settingsText.dates}
          value={written.dates}
          onChange={(dates) => set('dates', dates)}
          options={[
            { value: 'day-first', label: daySample('day-first') },
            { value: 'month-first', label: daySample('month-first') },
          ]}
        />
        <Choice<Clock>
          label={settingsText.clock}
          value={written.clock}
          onChange={(clock) => set('clock', clock)}
          options={[
            { value: '24h', label: clockSample('24h') },
            { value: '12h', label: clockSample('12h') },
          ]}
        />
      </div>
      <p className="mt-2 text-soft">{settingsText.onThisDevice}</p>
    </Section>
  );
}
