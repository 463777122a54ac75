import {
  anatomyOf,
  heightAt,
  type Anatomy,
  type BodyPoint,
  type Fin,
  type LandmarkName,
  type PaintedKind,
} from '@keeper/core/fish/anatomy';
import { mixRgb, rgb, scaleRgb, type Rgb } from './colour.js';
import { chance, hashText } from '@keeper/core/chance/chance';
import { handsUnder, type Hands } from './hands.js';
import { hideOf, type Hide, type HideSpot } from './hide.js';
import { clamp, hash2, layeredNoise, smooth, type Noise } from './noise.js';
import { outlineOf } from './outline.js';
import { projection, type Pose, type Projection, type SkinPoint } from './pose.js';
import { sceneOf, type DayLight, type Scene, type SceneKind } from './scene.js';

/** Everything that decides a picture. The same order always paints the same picture. */
export interface PictureOrder {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly kind: PaintedKind;
  /** Names the fish; its pattern comes from this. */
  readonly fish: string;
  readonly side: 'left' | 'right';
  /** Names the taking of the picture: background, hands, grain. */
  readonly shot: string;
  readonly girth: number;
  readonly scene: SceneKind;
  readonly light: DayLight;
  readonly pose: Pose;
  /** How bright the camera made it: 1 is right. */
  readonly exposure: number;
  /** How much the wet flank throws the light back: 0 dull, 1 wet, 2 glaring. */
  readonly wetness: number;
}

/** A picture with the truth about it, for those who test what reads pictures. */
export interface PaintedPicture {
  /** Red, green, blue, row by row. */
  readonly rgb: Uint8ClampedArray;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly landmarksPx: Readonly<Record<LandmarkName, { readonly x: number; readonly y: number }>>;
}

/** Paints one fish in its scene. */
export function paintPicture(order: PictureOrder): PaintedPicture {
  const { widthPx, heightPx } = order;
  const anatomy = anatomyOf(order.kind, order.girth);
  const view = projection(anatomy, order.pose);
  const scene = sceneOf(order.scene, order.shot, order.light, widthPx, heightPx);
  const canvas = new Float32Array(widthPx * heightPx * 3);
  const put = (x: number, y: number, colour: Rgb, cover = 1) => {
    const i = (y * widthPx + x) * 3;
    for (let c = 0; c < 3; c += 1) canvas[i + c] += (colour[c] - canvas[i + c]) * cover;
  };
  const brush: Brush = { order, anatomy, view, scene, canvas, put, noise: layeredNoise(hashText(order.shot), 3) };

  paintBackground(brush);
  const hands =
    order.scene === 'held'
      ? handsUnder(view, order.pose.lengthPx, (u) => heightAt(anatomy.belly, u), order.shot, order.light)
      : undefined;
  if (hands) paintHands(brush, hands, false);
  for (const fin of anatomy.fins) if (!fin.over) paintFin(brush, fin);
  paintBody(brush);
  for (const fin of anatomy.fins) if (fin.over) paintFin(brush, fin);
  for (const barbel of anatomy.barbels) paintBarbel(brush, barbel);
  if (hands) paintHands(brush, hands, true);
  return { rgb: develop(canvas, order), widthPx, heightPx, landmarksPx: landmarks(anatomy, view) };
}

interface Brush {
  readonly order: PictureOrder;
  readonly anatomy: Anatomy;
  readonly view: Projection;
  readonly scene: Scene;
  readonly noise: Noise;
  /** Red, green, blue as light, row by row. */
  readonly canvas: Float32Array;
  readonly put: (x: number, y: number, colour: Rgb, cover?: number) => void;
}

function landmarks(anatomy: Anatomy, view: Projection): PaintedPicture['landmarksPx'] {
  const place = (name: LandmarkName) => view.toPicture(anatomy.landmarks[name]);
  return {
    snout: place('snout'),
    eye: place('eye'),
    dorsal: place('dorsal'),
    pelvic: place('pelvic'),
    anal: place('anal'),
    fork: place('fork'),
  };
}

/** What lies behind is looked at in every second pixel and joined: it is behind the plane of focus. */
function paintBackground({ order, anatomy, scene, view, put, canvas }: Brush): void {
  const { widthPx, heightPx } = order;
  const columns = Math.ceil(widthPx / 2) + 1;
  const rows = Math.ceil(heightPx / 2) + 1;
  const seen = new Float32Array(columns * rows * 3);
  for (let j = 0; j < rows; j += 1) {
    for (let i = 0; i < columns; i += 1) seen.set(scene.background(2 * i, 2 * j), (j * columns + i) * 3);
  }
  let to = 0;
  for (let y = 0; y < heightPx; y += 1) {
    for (let x = 0; x < widthPx; x += 1) {
      const at = ((y >> 1) * columns + (x >> 1)) * 3;
      const across = (x & 1) * 3;
      const down = (y & 1) * 3 * columns;
      for (let c = at; c < at + 3; c += 1, to += 1) {
        canvas[to] = (seen[c] + seen[c + across] + seen[c + down] + seen[c + across + down]) / 4;
      }
    }
  }
  if (scene.grounded) paintShadow({ order, anatomy, view, put });
}

/** The fish's shadow on what it lies on. */
function paintShadow({ order, anatomy, view, put }: Pick<Brush, 'order' | 'anatomy' | 'view' | 'put'>): void {
  const drop = order.pose.lengthPx * 0.022;
  const box = bodyBox(order, anatomy, view, 4 * drop);
  for (let y = box.top; y <= box.bottom; y += 1) {
    for (let x = box.left; x <= box.right; x += 1) {
      const { t, u } = view.toSkin(x - drop * 0.6, y - drop);
      const under = smooth(-0.03, 0.02, u) * smooth(1.03, 0.98, u) * smooth(1.35, 0.85, Math.abs(t));
      if (under > 0) put(x, y, SHADOW, 0.58 * under);
    }
  }
}

const SHADOW = rgb('#0a0b08');

function paintBody(brush: Brush): void {
  const { order, anatomy, view, put } = brush;
  const hide = hideOf({ kind: order.kind, seed: order.fish, side: order.side }, anatomy);
  const box = bodyBox(order, anatomy, view, 4);
  for (let y = box.top; y <= box.bottom; y += 1) {
    for (let x = box.left; x <= box.right; x += 1) {
      const skin = view.toSkin(x, y);
      const cover = clamp((1 - Math.abs(skin.t)) * skin.halfPx * 0.9 + 0.5);
      if (cover > 0) put(x, y, bodyColour(brush, hide, skin), cover);
    }
  }
}

/** The part of the picture that the body takes up, with some room around it. */
function bodyBox({ widthPx, heightPx }: PictureOrder, anatomy: Anatomy, view: Projection, roomPx: number) {
  const points = Array.from({ length: 41 }, (_, i) => i / 40).flatMap((u) => [
    view.toPicture({ u, v: -heightAt(anatomy.back, u) }),
    view.toPicture({ u, v: heightAt(anatomy.belly, u) }),
  ]);
  const xs = points.map(({ x }) => x);
  const ys = points.map(({ y }) => y);
  return {
    left: Math.max(0, Math.floor(Math.min(...xs) - roomPx)),
    right: Math.min(widthPx - 1, Math.ceil(Math.max(...xs) + roomPx)),
    top: Math.max(0, Math.floor(Math.min(...ys) - roomPx)),
    bottom: Math.min(heightPx - 1, Math.ceil(Math.max(...ys) + roomPx)),
  };
}

/** The skin with its head drawn on, under the light of the hour. */
function bodyColour(brush: Brush, hide: Hide, skin: SkinPoint): Rgb {
  const { anatomy, order } = brush;
  const { u, v, t } = skin;
  const spot = withHead(anatomy, order, hide(u, v, clamp(t, -1, 1)), skin);
  if ('eye' in spot) return spot.eye;
  return lit(brush, spot, u, v, clamp(t, -1, 1));
}

function lit({ order, noise }: Brush, spot: HideSpot, u: number, v: number, t: number): Rgb {
  const { light, pose, wetness } = order;
  const mirror = pose.mirrored ? -1 : 1;
  const nx = mirror * (spot.slopeU + (u < 0.15 ? (u - 0.15) * 2.2 : 0));
  const ny = t * 0.92 + spot.slopeV;
  const nz = Math.sqrt(Math.max(0.04, 1 - t * t * 0.9));
  const long = Math.hypot(nx, ny, nz);
  const [lx, ly, lz] = light.toLight;
  const facing = (nx * lx + ny * ly + nz * lz) / long;
  const sun = Math.max(0, facing) * 1.05;
  const fill = 0.8 - 0.3 * (ny / long);
  const colour: Rgb = [
    spot.colour[0] * (light.sky[0] * fill + light.sun[0] * sun),
    spot.colour[1] * (light.sky[1] * fill + light.sun[1] * sun),
    spot.colour[2] * (light.sky[2] * fill + light.sun[2] * sun),
  ];
  // Half way between the light and the eye (Blinn 1977): a film of water breaks the highlight up.
  const [hx, hy, hz] = [lx, ly, lz + 1];
  const half = (nx * hx + ny * hy + nz * hz) / (long * Math.hypot(hx, hy, hz));
  const film = smooth(0.42, 0.7, noise(u * 46, v * 70));
  const spark = Math.max(0, half) ** 42 * film * 0.85 + Math.max(0, half) ** 9 * 0.1;
  return mixRgb(colour, light.sun, clamp(spark * spot.gloss * wetness, 0, 0.95));
}

const PIKE_IRIS = rgb('#c9a63a');
const IRIS = rgb('#b5813a');
const IRIS_EDGE = rgb('#2a1c10');
const PUPIL = rgb('#070605');
const GLINT = rgb('#f4f4ee');
const EYE_RIM = rgb('#1a140c');
const SHADE = rgb('#1c150c');
const FIN_BAR = rgb('#2a2214');

/** Draws eye, gill cover and mouth over the hide. */
function withHead(
  anatomy: Anatomy,
  order: PictureOrder,
  spot: HideSpot,
  { u, v, t }: SkinPoint,
): HideSpot | { eye: Rgb } {
  const { eye, gill } = anatomy;
  const far = Math.hypot(u - eye.u, v - eye.v) / eye.radius;
  if (far < 1.25) {
    const glint = Math.hypot(u - eye.u + eye.radius * 0.28, v - eye.v + eye.radius * 0.3) / eye.radius;
    const iris = mixRgb(order.kind === 'pike' ? PIKE_IRIS : IRIS, IRIS_EDGE, smooth(0.6, 1, far));
    const ball = mixRgb(PUPIL, iris, smooth(0.46, 0.56, far));
    const seen = mixRgb(ball, GLINT, smooth(0.24, 0.14, glint));
    if (far < 1.02) return { eye: scaleRgb(seen, 0.4 + order.light.sky[1] + 0.4 * order.light.sun[1]) };
    return { ...spot, colour: mixRgb(EYE_RIM, spot.colour, smooth(1, 1.25, far)) };
  }
  const edge = gill.u + gill.bulge * (1 - t * t) - gill.bulge;
  const behind = u - edge;
  const shadow = smooth(-0.002, 0.001, behind) * smooth(0.017, 0.002, behind) * smooth(1, 0.82, Math.abs(t));
  const raised = smooth(-0.022, -0.006, behind) * smooth(0.001, -0.004, behind);
  const plate = smooth(0.006, 0.001, Math.abs(u - (edge - 0.085 + 0.02 * t))) * (t > -0.35 ? 0.35 : 0);
  const lip = smooth(0.006, 0.0025, distanceToPath(anatomy.mouth, u, v));
  const dark = clamp(shadow * 0.72 + plate + lip * 0.75);
  return {
    colour: mixRgb(spot.colour, SHADE, dark),
    slopeU: spot.slopeU + raised * 0.5,
    slopeV: spot.slopeV,
    gloss: spot.gloss * (1 - dark),
  };
}

function distanceToPath(path: readonly BodyPoint[], u: number, v: number): number {
  let nearest = Infinity;
  for (let i = 1; i < path.length; i += 1) {
    const [a, b] = [path[i - 1], path[i]];
    const [du, dv] = [b.u - a.u, b.v - a.v];
    const s = clamp(((u - a.u) * du + (v - a.v) * dv) / (du * du + dv * dv));
    nearest = Math.min(nearest, Math.hypot(u - a.u - du * s, v - a.v - dv * s));
  }
  return nearest;
}

const FIN_TONES: Readonly<Record<PaintedKind, readonly [Rgb, Rgb]>> = {
  'carp-common': [rgb('#6a5228'), rgb('#a8632e')],
  'carp-mirror': [rgb('#5d4a2a'), rgb('#9a5f33')],
  'carp-linear': [rgb('#5d4a2a'), rgb('#9a5f33')],
  pike: [rgb('#6e5a2a'), rgb('#b3702f')],
  barbel: [rgb('#8a6a3c'), rgb('#c4693f')],
  wels: [rgb('#33332a'), rgb('#5a5440')],
};

/** A fin: a thin web between rays, darker at the edge, letting some of the background through. */
function paintFin({ order, view, noise, put }: Brush, fin: Fin): void {
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

function paintBarbel({ order, view, put }: Brush, { from, to, thick }: Anatomy['barbels'][number]): void {
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

function paintHands({ order, put }: Brush, hands: Hands, front: boolean): void {
  const box = hands.box(front);
  for (let y = Math.max(0, box.top); y <= Math.min(order.heightPx - 1, box.bottom); y += 1) {
    for (let x = Math.max(0, box.left); x <= Math.min(order.widthPx - 1, box.right); x += 1) {
      const part = hands.at(x, y, front);
      if (part) put(x, y, part.colour, part.cover);
    }
  }
}

/** From light to pixels: exposure, a soft shoulder in the highlights, a falling-off towards the corners, and grain. */
function develop(canvas: Float32Array, { widthPx, heightPx, exposure, shot }: PictureOrder): Uint8ClampedArray {
  const grain = chance(`${shot} grain`).whole(1, 1e9);
  const out = new Uint8ClampedArray(canvas.length);
  const curve = toneCurve();
  let i = 0;
  for (let y = 0; y < heightPx; y += 1) {
    const dy = y / heightPx - 0.5;
    for (let x = 0; x < widthPx; x += 1) {
      const dx = x / widthPx - 0.5;
      const by = exposure * 1.42 * (1 - 0.34 * (dx * dx + dy * dy));
      const speck = (hash2(x, y, grain) - 0.5) * 0.028;
      for (let c = 0; c < 3; c += 1, i += 1) {
        const value = canvas[i] * by + speck;
        out[i] =
          curve[value <= 0 ? 0 : value >= BRIGHTEST ? CURVE_STEPS : Math.floor((value / BRIGHTEST) * CURVE_STEPS)];
      }
    }
  }
  return out;
}

const BRIGHTEST = 2.5;
const CURVE_STEPS = 4096;

/** Bright light runs into white slowly, as film and sensors with a curve do. */
function toneCurve(): Uint8ClampedArray {
  return Uint8ClampedArray.from({ length: CURVE_STEPS + 1 }, (_, i) => {
    const value = (i / CURVE_STEPS) * BRIGHTEST;
    const shoulder = value > 0.72 ? 0.72 + 0.28 * (1 - Math.exp(-(value - 0.72) / 0.28)) : value;
    return 255 * shoulder ** 0.88;
  });
}

function distance(a: { x: number; y: number }, b: { x: number; y: number }): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}
