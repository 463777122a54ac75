import { useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import { readCode } from '@keeper/contract/access';
import { paths } from '../../app/paths.js';
import { useAccess, useLetIn } from '../../data/access.js';
import { deviceId } from '../../data/device.js';
import { TextField } from '../../parts/TextField.js';
import { CertificateSteps } from './CertificateSteps.js';
import { EnterHere } from './EnterHere.js';
import { CodeField } from './CodeField.js';
import { deviceName } from './deviceName.js';
import { isWholeCode, readPairLink } from './pairLink.js';
import { devicesText } from './text.en-GB.js';
import { useTrust } from './useTrust.js';

/** On the phone: let it know the book, then let it in. A helper and a reader go on to pages of their own. */
export function PairPage() {
  const access = useAccess();
  const isTrusted = useTrust();
  const { hash } = useLocation();
  const link = readPairLink(hash);
  const isAskedHere = access !== undefined && access.isHere && !access.onMachine;
  const isIn = access !== undefined && access.role !== null;
  return (
    <div className="grid max-w-xl gap-7">
      <h1 className="text-3xl font-semibold">{isAskedHere ? devicesText.enterHere : devicesText.pairThisDevice}</h1>
      {isTrusted === false && !isAskedHere && <CertificateSteps />}
      {isAskedHere ? (
        <EnterHere />
      ) : access?.onMachine ? (
        <>
          <p>{devicesText.onTheMachine}</p>
          <Link to={paths.devices} className="button button-main justify-self-start">
            {devicesText.toDevices}
          </Link>
        </>
      ) : isIn ? (
        <>
          <p className="text-lg">{`${devicesText.isPaired} ${devicesText.installIt}`}</p>
          <Link
            to={link.captureId === undefined ? paths.today : paths.run(link.captureId)}
            className="button button-main justify-self-start"
          >
            {link.captureId === undefined ? devicesText.toToday : devicesText.toTheFish}
          </Link>
        </>
      ) : (
        access && <LetIn code={link.code} captureId={link.captureId} />
      )}
    </div>
  );
}

/** By a code of the keeper's, or by the passphrase. */
function LetIn({ code: given, captureId }: { code: string; captureId: string | undefined }) {
  const navigate = useNavigate();
  // What stood in the address is used up.
  const letIn = useLetIn((handed) => {
    const fish = handed ?? captureId;
    void navigate(fish === undefined ? paths.pair : paths.run(fish), { replace: true });
  });
  const [code, setCode] = useState(given);
  const [name, setName] = useState(() => deviceName(navigator.userAgent));
  const [passphrase, setPassphrase] = useState('');
  const [isTried, setTried] = useState(false);
  const problem = letIn.isError ? letIn.error.message : undefined;
  const isByCode = passphrase === '';
  const isCodeWrong = isTried && isByCode && !isWholeCode(code);
  const isNameWrong = isTried && name.trim() === '';
  const go = () => {
    setTried(true);
    if (name.trim() === '' || (isByCode && !isWholeCode(code))) return;
    const as = { name, deviceId: deviceId() };
    letIn.mutate(isByCode ? { ...as, code: readCode(code) } : { ...as, passphrase });
  };
  return (
    <form
      className="grid gap-5"
      onSubmit={(event) => {
        event.preventDefault();
        go();
      }}
    >
      <CodeField
        value={code}
        onChange={setCode}
        problem={isCodeWrong ? devicesText.codeNotWhole : isByCode ? problem : undefined}
      />
      <TextField
        label={devicesText.nameOfDevice}
        value={name}
        onChange={setName}
        mostLetters={60}
        problem={isNameWrong ? devicesText.nameMissing : undefined}
      />
      <details>
        <summary className="min-h-11 cursor-pointer">{devicesText.byPassphrase}</summary>
        <TextField
          type="password"
          label={devicesText.passphrase}
          value={passphrase}
          onChange={setPassphrase}
          problem={isByCode ? undefined : problem}
        />
      </details>
      <button type="submit" className="button button-main min-h-14" disabled={letIn.isPending}>
        {isByCode ? devicesText.pairIt : devicesText.enter}
      </button>
    </form>
  );
}
