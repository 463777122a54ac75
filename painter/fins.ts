import type { Anatomy, Fin, PaintedKind } from '@keeper/core/domain/fish/anatomy';
import type { Brush } from './brush.js';
import { mixRgb, rgb, scaleRgb, type Rgb } from './colour.js';
import { clamp, smooth } from './noise.js';
import { outlineOf } from './outline.js';

const FIN_BAR = rgb('#2a2214');
const FIN_TONES: Readonly<Record<PaintedKind, readonly [Rgb, Rgb]>> = {
  'carp-common': [rgb('#6a5228'), rgb('#a8632e')],
  'carp-mirror': [rgb('#5d4a2a'), rgb('#9a5f33')],
  'carp-linear': [rgb('#5d4a2a'), rgb('#9a5f33')],
  pike: [rgb('#6e5a2a'), rgb('#b3702f')],
  barbel: [rgb('#8a6a3c'), rgb('#c4693f')],
  wels: [rgb('#33332a'), rgb('#5a5440')],
};

/** A fin: a thin web between rays, darker at the edge, letting some of the background through. */
export function paintFin({ order, view, noise, put }: Brush, fin: Fin): void {
  const { light, widthPx, heightPx } = order;
  const outline = outlineOf(fin.outline.map((point) => view.toPicture(point)));
  const root = view.toPicture(fin.root);
  const [dull, bright] = FIN_TONES[order.kind];
  const reach = Math.max(...fin.outline.map((point) => distance(view.toPicture(point), root)));
  for (let y = Math.max(0, outline.top); y <= Math.min(heightPx - 1, outline.bottom); y += 1) {
    for (let x = Math.max(0, outline.left); x <= Math.min(widthPx - 1, outline.right); x += 1) {
      const cover = outline.cover(x, y);
      if (cover === 0) continue;
      const out = distance({ x, y }, root) / reach;
      const angle = Math.atan2(y - root.y, x - root.x) / Math.PI;
      const wander = 0.35 * noise(x * 0.02, y * 0.02);
      const ray = 0.5 + 0.5 * Math.sin((angle * fin.rays * 2 + wander) * Math.PI);
      const bars = order.kind === 'pike' ? smooth(0.55, 0.68, noise(x * 0.045, y * 0.045)) : 0;
      const web = mixRgb(mixRgb(dull, bright, smooth(0.35, 0.95, out)), FIN_BAR, bars * 0.75);
      const by = 0.68 + 0.22 * ray + 0.1 * out;
      const colour: Rgb = [
        web[0] * (light.sky[0] + light.sun[0] * 0.6) * by,
        web[1] * (light.sky[1] + light.sun[1] * 0.6) * by,
        web[2] * (light.sky[2] + light.sun[2] * 0.6) * by,
      ];
      put(x, y, colour, cover * (0.8 + 0.15 * ray));
    }
  }
}

export function paintBarbel({ order, view, put }: Brush, { from, to, thick }: Anatomy['barbels'][number]): void {
  const [dull] = FIN_TONES[order.kind];
  const steps = 160;
  for (let i = 0; i <= steps; i += 1) {
    const s = i / steps;
    const sag = Math.sin(Math.PI * s) * 0.012;
    const at = view.toPicture({ u: from.u + (to.u - from.u) * s + sag, v: from.v + (to.v - from.v) * s });
    const radius = thick * order.pose.lengthPx * (1 - 0.6 * s) * 0.6;
    const colour = scaleRgb(dull, 0.4 + order.light.sun[1] * 0.6);
    for (let y = Math.floor(at.y - radius - 1); y <= at.y + radius + 1; y += 1) {
      for (let x = Math.floor(at.x - radius - 1); x <= at.x + radius + 1; x += 1) {
        if (x < 0 || y < 0 || x >= order.widthPx || y >= order.heightPx) continue;
        put(x, y, colour, 0.5 * clamp(radius + 0.6 - Math.hypot(x - at.x, y - at.y)));
      }
    }
  }
}

function distance(a: { x: number; y: number }, b: { x: number; y: number }): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}
