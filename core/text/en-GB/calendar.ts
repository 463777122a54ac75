import type { CalendarMessages } from '../../formats/calendarMessages.js';
import { speciesName } from '../../domain/fish/species.js';
import type { Texts } from '../texts.js';
import { list } from './list.js';

export const calendarTexts: Texts<CalendarMessages> = {
  closed: ({ water, species }, say) =>
    species.length === 0
      ? `${water}: closed`
      : `${water}: closed for ${list(species.map((each) => say(speciesName(each)).toLowerCase()))}`,
  outing: ({ water, swim }) => {
    const where = [swim, water].filter((name) => name !== null).join(', ');
    return where === '' ? 'Outing' : `Outing: ${where}`;
  },
  licenceEnds: ({ name }) => `Last day of ${name}`,
  outOfDate: ({ name }) => `Last day in date: ${name}`,
  scaleCheckDue: ({ name }) => `Check ${name} against a known mass`,
};
