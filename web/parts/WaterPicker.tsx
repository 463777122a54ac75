import { partsText } from './text.en-GB.js';
import { Suspense, useState } from 'react';
import { useStandingWaters } from '../data/rows.js';
import { Picker } from './Picker.js';
import { Sheet } from './Sheet.js';
import { lazyPart } from './lazyPart.js';

// The form and its validation stay out of what the bank loads first.
const NameWater = lazyPart(async () => (await import('./NameWater.js')).NameWater);

const ANOTHER = 'another';

/** Which water; a new one can be named on the spot. */
export function WaterPicker({ value, onChange }: { value: string | undefined; onChange: (waterId: string) => void }) {
  const waters = useStandingWaters();
  const [naming, setNaming] = useState(false);
  const options = [
    ...waters.map(({ id, name }) => ({ value: id, label: name })),
    { value: ANOTHER, label: partsText.addAWater },
  ];
  return (
    <>
      <Picker
        label={partsText.water}
        placeholder={partsText.whichWater}
        value={value ?? ''}
        options={options}
        onChange={(chosen) => (chosen === ANOTHER ? setNaming(true) : onChange(chosen))}
      />
      <Sheet title={partsText.addAWater2} open={naming} onOpenChange={setNaming}>
        <Suspense fallback={<p>{partsText.openingTheForm}</p>}>
          <NameWater
            onNamed={(id) => {
              onChange(id);
              setNaming(false);
            }}
          />
        </Suspense>
      </Sheet>
    </>
  );
}
