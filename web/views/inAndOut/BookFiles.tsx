import { Download } from 'lucide-react';
import { useState } from 'react';
import { Choice } from '../../parts/Choice.js';
import { Section } from '../../parts/Section.js';
import { inAndOutText } from './text.en-GB.js';

/** The whole book in open formats. */
export function BookFiles() {
  const [positions, setPositions] = useState<'left-out' | 'included'>('left-out');
  return (
    <Section title={inAndOutText.exportTheBook}>
      <Choice
        label={inAndOutText.positionsOfWaters}
        value={positions}
        onChange={setPositions}
        options={[
          { value: 'left-out', label: inAndOutText.withoutPositions },
          { value: 'included', label: inAndOutText.withPositions },
        ]}
      />
      <div className="mt-3 flex flex-wrap gap-3">
        {(['csv', 'json'] as const).map((format) => (
          <a
            key={format}
            href={`/api/book.${format}?positions=${positions}${format === 'csv' ? '&readers=people' : ''}`}
            download
            className="button"
          >
            <Download size={20} aria-hidden />
            {inAndOutText.csvForASpreadsheet({ format })}
          </a>
        ))}
      </div>
    </Section>
  );
}
