import { useEffect, useRef, type MouseEvent, type RefObject, type TouchEvent } from 'react';

/**
 * A second tap this soon is a wet thumb, not another step; nor is one on a control that has only just changed what it
 * means.
 */
const STILL_MS = 500;
/** A thumb that moved farther was about to scroll. */
const STILL_PX = 14;

type Control = HTMLElement;

interface Tapped {
  readonly type: 'button';
  readonly onTouchStart: (event: TouchEvent<Control>) => void;
  readonly onTouchEnd: (event: TouchEvent<Control>) => void;
  readonly onTouchCancel: (event: TouchEvent<Control>) => void;
  readonly onClick: (event: MouseEvent<Control>) => void;
}

interface Settling {
  /** What holds the controls: it is marked while taps are held back, so that nothing has to be drawn anew for it. */
  readonly within: RefObject<HTMLDivElement | null>;
  readonly tapped: (work: () => void) => Tapped;
}

/**
 * Lets one tap through and holds further ones back until a thumb can have meant them: half a second after a tap, and
 * half a second after the large control has come to mean something else, whether or not a tap made it so. `meaning`
 * names what it means. That a thumb was felt shows at once, that the tap is kept when it is. A touch counts when it
 * ends: the click that a browser makes of it comes later, and could fall on what has come up meanwhile. Never
 * `disabled`, for that would take the focus away from those who work by keyboard.
 */
export function useSettling(meaning: string): Settling {
  const within = useRef<HTMLDivElement>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const felt = useRef<Control>(undefined);
  const began = useRef<{ readonly x: number; readonly y: number }>(undefined);
  const before = useRef(meaning);
  useEffect(() => () => clearTimeout(timer.current), []);
  const hold = () => {
    clearTimeout(timer.current);
    within.current?.setAttribute('aria-disabled', 'true');
    timer.current = setTimeout(() => {
      timer.current = undefined;
      within.current?.removeAttribute('aria-disabled');
      delete felt.current?.dataset['felt'];
    }, STILL_MS);
  };
  useEffect(() => {
    if (before.current === meaning) return;
    before.current = meaning;
    // A thumb that lies on it already meant what stood there before.
    began.current = undefined;
    hold();
  }, [meaning]);
  const tapped = (work: () => void): Tapped => {
    const act = (control: Control) => {
      if (timer.current !== undefined) return;
      control.dataset['felt'] = '';
      felt.current = control;
      hold();
      work();
    };
    return {
      type: 'button',
      onTouchStart: ({ currentTarget, touches }) => {
        const touch = touches.length === 1 ? touches[0] : undefined;
        began.current = touch && { x: touch.clientX, y: touch.clientY };
        if (touch && timer.current === undefined) currentTarget.dataset['felt'] = '';
      },
      onTouchEnd: (event) => {
        const touch = event.changedTouches[0];
        const from = began.current;
        began.current = undefined;
        if (from && touch && Math.hypot(touch.clientX - from.x, touch.clientY - from.y) <= STILL_PX) {
          event.preventDefault();
          act(event.currentTarget);
        } else {
          // What the browser makes of a touch that does not count must not count either.
          if (touch && !from) event.preventDefault();
          if (timer.current === undefined) delete event.currentTarget.dataset['felt'];
        }
      },
      onTouchCancel: ({ currentTarget }) => delete currentTarget.dataset['felt'],
      onClick: ({ currentTarget }) => act(currentTarget),
    };
  };
  return { within, tapped };
}
