import { create } from 'qrcode';
import { useMemo } from 'react';

/** So much white a reader needs round it (ISO/IEC 18004, 9.1). */
const QUIET = 4;

/** A text as a square that a camera reads: always dark on white, whatever the light of the screen. */
export function Square({ text, label }: { text: string; label: string }) {
  const { size, path } = useMemo(() => {
    const { modules } = create(text, { errorCorrectionLevel: 'M' });
    const dark = Array.from({ length: modules.size ** 2 }, (_, i) => i).filter((i) => modules.data[i]);
    return {
      size: modules.size + 2 * QUIET,
      path: dark.map((i) => `M${(i % modules.size) + QUIET} ${Math.floor(i / modules.size) + QUIET}h1v1h-1z`).join(''),
    };
  }, [text]);
  return (
    <svg viewBox={`0 0 ${size} ${size}`} role="img" aria-label={label} className="w-full max-w-64 rounded-lg">
      <rect width={size} height={size} fill="#fff" />
      <path d={path} fill="#000" shapeRendering="crispEdges" />
    </svg>
  );
}
