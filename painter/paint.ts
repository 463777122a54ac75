import { anatomyOf, heightAt, type Anatomy, type LandmarkName } from '@keeper/core/domain/fish/anatomy';
import { createRng, hashText } from '@keeper/core/statistics/rng';
import { defocus, shaken } from './blur.js';
import { boardPixel, withBoard, type BoardOrder } from './board.js';
import type { Brush } from './brush.js';
import { withClutter } from './clutter.js';
import { rgb, type Rgb } from './colour.js';
import { develop } from './develop.js';
import { paintBarbel, paintFin } from './fins.js';
import { handsUnder, type Hands } from './hands.js';
import { withHead } from './head.js';
import { hideOf, type Hide } from './hide.js';
import { clamp, layeredNoise, smooth } from './noise.js';
import { CLEAN, type Nuisance } from './nuisance.js';
import type { PictureOrder } from './pictureOrder.js';
import { projection, type Projection, type SkinPoint } from './pose.js';
import { sceneOf } from './scene.js';
import { wetLight } from './wetLight.js';

/** A picture with the truth about it, for those who test what reads pictures. */
export interface PaintedPicture {
  /** Red, green, blue, row by row. */
  readonly rgb: Uint8ClampedArray;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly landmarksPx: Readonly<Record<LandmarkName, Place>>;
  readonly nuisance: Nuisance;
  /** The marks of the board at every ten centimetres that lie in the picture, on its ruled edge. */
  readonly boardMarks: readonly { readonly atMm: number; readonly pixel: Place }[];
}

interface Place {
  readonly x: number;
  readonly y: number;
}

/** Paints one fish in its scene. */
export function paintPicture(order: PictureOrder): PaintedPicture {
  const { widthPx, heightPx } = order;
  const anatomy = anatomyOf(order.kind, order.girth);
  const view = projection(anatomy, order.pose);
  const nuisance = { ...CLEAN, ...order.nuisance };
  const { horizonRad, clutter } = nuisance;
  const place = sceneOf(order.scene, order.shot, order.light, widthPx, heightPx, horizonRad);
  const around = withClutter(place, order.shot, clutter, widthPx, heightPx);
  const scene = order.board ? withBoard(around, view, order.board, order.pose.mirrored) : around;
  const canvas = new Float32Array(widthPx * heightPx * 3);
  const put = (x: number, y: number, colour: Rgb, cover = 1) => {
    const i = (y * widthPx + x) * 3;
    for (let c = 0; c < 3; c += 1) {
      const under = canvas[i + c] as number;
      canvas[i + c] = under + ((colour[c] as number) - under) * cover;
    }
  };
  const noise = layeredNoise(hashText(order.shot), 3);
  const brush: Brush = { order, nuisance, anatomy, view, scene, canvas, put, noise };

  paintBackground(brush);
  const { lengthPx } = order.pose;
  const hands =
    order.scene === 'held' || nuisance.handOver
      ? handsUnder(view, lengthPx, (u) => heightAt(anatomy.belly, u), order.shot, order.light, nuisance.handOver)
      : undefined;
  if (hands && order.scene === 'held') paintHands(brush, hands, false);
  for (const fin of anatomy.fins) if (!fin.over) paintFin(brush, fin);
  paintBody(brush);
  for (const fin of anatomy.fins) if (fin.over) paintFin(brush, fin);
  for (const barbel of anatomy.barbels) paintBarbel(brush, barbel);
  if (hands) paintHands(brush, hands, true);
  if (nuisance.noseShadow) shadeNose(brush);
  const light = { data: canvas, widthPx, heightPx };
  defocus(light, nuisance.blur * lengthPx);
  shaken(light, nuisance.shake * lengthPx, nuisance.shakeRad);
  return {
    rgb: develop(light, order),
    widthPx,
    heightPx,
    landmarksPx: landmarks(anatomy, view),
    nuisance,
    boardMarks: order.board ? marksSeen(order, order.board, view) : [],
  };
}

/** The shadow of whoever kneels beside it: a straight edge, and a third of the light behind it. */
function shadeNose({ order, view, canvas }: Brush): void {
  const { widthPx, heightPx, pose, shot } = order;
  const luck = createRng(`${shot} shadow`);
  const edge = view.toPicture({ u: luck.between(0.05, 0.16), v: 0 });
  const nose = view.toPicture({ u: 0, v: 0 });
  const lean = luck.between(-0.5, 0.5);
  const towards = Math.atan2(nose.y - edge.y, nose.x - edge.x) + lean;
  const [alongX, alongY] = [Math.cos(towards), Math.sin(towards)];
  for (let y = 0; y < heightPx; y += 1) {
    for (let x = 0; x < widthPx; x += 1) {
      const past = ((x - edge.x) * alongX + (y - edge.y) * alongY) / pose.lengthPx;
      const dark = 1 - 0.66 * smooth(-0.004, 0.004, past) * smooth(0.5, 0.4, past);
      const i = (y * widthPx + x) * 3;
      for (let c = 0; c < 3; c += 1) canvas[i + c] = dark * (canvas[i + c] as number);
    }
  }
}

function marksSeen({ widthPx, heightPx }: PictureOrder, board: BoardOrder, view: Projection) {
  return Array.from({ length: Math.floor((1.3 * board.fishMm) / 100) + 1 }, (_, i) => {
    const atMm = i * 100;
    return { atMm, pixel: boardPixel(view, board, atMm) };
  }).filter(({ pixel: { x, y } }) => x >= 0 && y >= 0 && x < widthPx && y < heightPx);
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

/**
 * What lies behind is looked at in every second pixel and joined: it is behind the plane of focus. A board is read, and
 * is in it.
 */
function paintBackground({ order, anatomy, scene, view, put, canvas }: Brush): void {
  const { widthPx, heightPx } = order;
  const step = order.board ? 1 : 2;
  const columns = Math.ceil(widthPx / step) + 1;
  const rows = Math.ceil(heightPx / step) + 1;
  const seen = new Float32Array(columns * rows * 3);
  for (let j = 0; j < rows; j += 1) {
    for (let i = 0; i < columns; i += 1) seen.set(scene.background(step * i, step * j), (j * columns + i) * 3);
  }
  let to = 0;
  for (let y = 0; y < heightPx; y += 1) {
    for (let x = 0; x < widthPx; x += 1) {
      const at = (Math.floor(y / step) * columns + Math.floor(x / step)) * 3;
      const across = (x % step) * 3;
      const down = (y % step) * 3 * columns;
      for (let c = at; c < at + 3; c += 1, to += 1) {
        const above = (seen[c] as number) + (seen[c + across] as number);
        canvas[to] = (above + (seen[c + down] as number) + (seen[c + across + down] as number)) / 4;
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
      // The body runs out into the rays of the tail, further in the middle than at its edges.
      const cover =
        clamp((1 - Math.abs(skin.t)) * skin.halfPx * 0.9 + 0.5) *
        smooth(1.004, 0.965, skin.u + 0.022 * Math.min(1, skin.t * skin.t));
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
  return wetLight(brush, spot, u, v, clamp(t, -1, 1));
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
