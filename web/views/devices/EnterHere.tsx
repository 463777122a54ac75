import { useState } from 'react';
import { useNavigate } from 'react-router';
import { paths } from '../../app/paths.js';
import { useLetIn } from '../../data/access.js';
import { deviceId } from '../../data/device.js';
import { TextField } from '../../parts/TextField.js';
import { devicesText } from './text.en-GB.js';

/** On the machine, where the keeper wants the passphrase asked there too. */
export function EnterHere() {
  const navigate = useNavigate();
  const letIn = useLetIn(() => void navigate(paths.today, { replace: true }));
  const [passphrase, setPassphrase] = useState('');
  return (
    <form
      className="grid max-w-md gap-5"
      onSubmit={(event) => {
        event.preventDefault();
        letIn.mutate({ passphrase, name: devicesText.thisMachine, deviceId: deviceId() });
      }}
    >
      <TextField
        type="password"
        label={devicesText.passphrase}
        value={passphrase}
        onChange={setPassphrase}
        problem={letIn.isError ? letIn.error.message : undefined}
      />
      <button type="submit" className="button button-main min-h-14" disabled={passphrase === '' || letIn.isPending}>
        {devicesText.enter}
      </button>
      <p className="text-sm text-soft">{devicesText.forgotten}</p>
    </form>
  );
}
