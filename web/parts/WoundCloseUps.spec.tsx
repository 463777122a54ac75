import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import type { PictureRole } from '@keeper/core/domain/capture/event';
import type { PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import { shownAt, straightened } from '@keeper/core/pictures/pictureView';
import { type PictureView } from '@keeper/core/domain/capture/pictureReading';
import { flankPixel } from '@keeper/core/pictures/flankSpot';
import { WoundCloseUps } from './WoundCloseUps.js';

const shown: PictureView[] = [];
jest.mock('./PictureInView.js', () => ({
  PictureInView: ({ view, alt }: { view: PictureView; alt: string }) => {
    shown.push(view);
    return <span role="img" aria-label={alt} />;
  },
}));
beforeEach(() => {
  shown.length = 0;
});

const at = (x: number, y: number) => ({ x, y });
/** A left flank whose head points to the left, of the given length, beginning at the given place. */
const landmarks = (x: number, y: number, length: number) => ({
  snout: at(x, y),
  eye: at(x + 0.08 * length, y - 0.02 * length),
  dorsal: at(x + 0.45 * length, y - 0.16 * length),
  pelvic: at(x + 0.5 * length, y + 0.15 * length),
  anal: at(x + 0.75 * length, y + 0.1 * length),
  fork: at(x + length, y),
});
function laid(role: PictureRole, x: number, length: number, straight = true) {
  const of = { widthPx: 1000, heightPx: 750 };
  const its = landmarks(x, 380, length);
  const picture: PictureOfCapture = {
    sha256: `${role} ${x}`,
    role,
    ...(straight && { reading: { landmarks: its, view: straightened(its, 'left', of) } }),
  };
  return { state: { captureId: `c${x}`, startedAt: '2024-06-06T05:12:00.000Z', zone: null, dated: null }, picture };
}
const ULCER = { side: 'left', at: { u: 0.7, v: 0.02 } } as const;
const closeUps = (pictures: readonly ReturnType<typeof laid>[], wound: Parameters<typeof WoundCloseUps>[0]['wound']) =>
  render(
    <MemoryRouter>
      <WoundCloseUps wound={wound} laid={pictures} />
    </MemoryRouter>,
  );

test('a wound is found again at its place on each picture of its flank, near or far', () => {
  closeUps([laid('left-flank', 100, 800), laid('left-flank', 300, 400), laid('right-flank', 200, 600)], ULCER);
  expect(screen.getAllByRole('link').map((link) => link.getAttribute('href'))).toEqual([
    '/pictures/c100/left-flank 100',
    '/pictures/c300/left-flank 300',
  ]);
  // Both lay the wound in the middle, and the fish equally large: they line up.
  const [near, far] = shown;
  for (const [view, points] of [
    [near, landmarks(100, 380, 800)],
    [far, landmarks(300, 380, 400)],
  ] as const) {
    if (!view) throw new Error('Both are shown.');
    const seen = shownAt(view, 800, flankPixel(points, ULCER.at));
    expect([seen.x, seen.y]).toEqual([expect.closeTo(400, 6), expect.closeTo(300, 6)]);
  }
  expect((near?.widthPx ?? 0) / (far?.widthPx ?? 1)).toBeCloseTo(2, 6);
});

test('what lies beyond the edge of a picture is said to', () => {
  closeUps([laid('left-flank', 500, 800)], ULCER);
  expect(screen.getByText('Outside this picture')).toBeVisible();
});

test('a picture that was not laid straight, and a wound of the mouth, have no place on a flank', () => {
  const { container } = closeUps([laid('left-flank', 100, 800, false)], ULCER);
  expect(container).toBeEmptyDOMElement();
  const mouth = closeUps([laid('left-flank', 100, 800)], { side: 'mouth', at: { u: 0.5, v: 0.5 } });
  expect(mouth.container).toBeEmptyDOMElement();
});
