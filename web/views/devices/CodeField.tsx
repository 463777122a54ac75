import { TextField } from '../../parts/TextField.js';
import { devicesText } from './text.en-GB.js';

interface CodeFieldProps {
  readonly value: string;
  readonly onChange: (code: string) => void;
  readonly problem: string | undefined;
}

/** Where the code that the keeper's screen shows is typed. */
export function CodeField(props: CodeFieldProps) {
  return <TextField label={devicesText.yourCode} hint={devicesText.codeHint} {...props} />;
}
