import { paths } from '../app/paths.js';
import { partsText } from './text.en-GB.js';
import { Link } from 'react-router';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { useRegister } from '../data/known.js';

/**
 * The way to the question who a fish is, once there is a picture to ask it of; or to the fish that it is said to be.
 */
export function WhoLink({ state, className = 'button min-h-14' }: { state: CaptureState; className?: string }) {
  const register = useRegister();
  const fishId = state.identity?.fishId;
  if (fishId)
    return (
      <Link to={paths.fish(fishId)} className={className}>
        {register.find(fishId) ? register.nameOf(fishId) : partsText.aKnownFish}
      </Link>
    );
  const flank = flankIn(state);
  if (!flank) return null;
  return (
    <Link to={paths.who(state.captureId, flank)} className={className}>
      {partsText.whoIsThis}
    </Link>
  );
}

/** The picture to ask of: a flank, one that was laid straight first. */
function flankIn({ pictures }: CaptureState): string | undefined {
  const flanks = pictures.filter(({ role }) => role === 'left-flank' || role === 'right-flank');
  const asked = flanks.find(({ reading }) => reading?.landmarks) ?? flanks[0] ?? pictures.find(({ role }) => !role);
  return asked?.sha256;
}
