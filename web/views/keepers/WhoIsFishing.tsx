import { setTheme, themeKept } from '../../app/theme.js';
import { useAccess } from '../../data/access.js';
import { setMyKeeper } from '../../data/whose.js';
import { Choice } from '../../parts/Choice.js';
import { useHousehold } from '../../parts/useHousehold.js';
import { keepersText } from './text.en-GB.js';

/** On the machine, who holds it now: one tap. A paired device is its keeper's, and says so where it is asked. */
export function WhoIsFishing({ saysOwn = false }: { saysOwn?: boolean }) {
  const household = useHousehold();
  const access = useAccess();
  const me = household.find(({ isMe }) => isMe);
  if (household.length === 0) return null;
  if (access?.keeperId) return saysOwn && me ? <p>{keepersText.thisDeviceIsOf({ name: me.name })}</p> : null;
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <span className="text-sm">{keepersText.whoIsFishing}</span>
      <Choice
        label={keepersText.whoIsFishing}
        value={me?.id}
        onChange={(id) => {
          setMyKeeper(id);
          setTheme(themeKept());
        }}
        // In one order for all of them: a tap must not move what is tapped.
        options={household
          .toSorted((a, b) => a.id.localeCompare(b.id))
          .map(({ id, name }) => ({ value: id, label: name }))}
      />
    </div>
  );
}
