import { dataText } from './text.en-GB.js';
import { wrap } from 'comlink';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { FINE_PX } from '@keeper/core/pictures/verdict';
import { cameraHold, type CameraSide } from '@keeper/standins/camera';
import type { CameraPainter } from '../workers/cameraScene.js';
import type { CameraWay } from './devicePreferences.js';

/** A camera that is open: its moving picture, and how to close it. */
export interface OpenCamera {
  readonly stream: MediaStream;
  close(): void;
}

/** What stands before the simulated camera. */
export interface BeforeCamera {
  readonly fish: string;
  readonly kind: PaintedKind;
  readonly side: CameraSide;
}

/** Opens the camera of this device, or the simulated one. @throws Error with a sentence that says why not */
export async function openCamera(way: CameraWay, before: BeforeCamera): Promise<OpenCamera> {
  return way === 'simulated' ? openSimulated(before) : openReal();
}

async function openReal(): Promise<OpenCamera> {
  // Only where the page is trusted does the browser have it, whatever its types say.
  const { mediaDevices } = navigator as { mediaDevices?: MediaDevices };
  if (!mediaDevices) throw new Error(dataText.thisBrowserHasNo);
  const stream = await mediaDevices
    .getUserMedia({
      video: { facingMode: 'environment', width: { ideal: 3840 }, height: { ideal: 2160 } },
      audio: false,
    })
    .catch((error: unknown) => {
      const refused = error instanceof DOMException && error.name === 'NotAllowedError';
      throw new Error(refused ? dataText.theCameraWasNot : dataText.noCameraWasFound);
    });
  return { stream, close: () => stream.getTracks().forEach((track) => track.stop()) };
}

const FRAME = { width: 960, height: 720 } as const;

async function openSimulated({ fish, kind, side }: BeforeCamera): Promise<OpenCamera> {
  const worker = new Worker(new URL('../workers/cameraScene.ts', import.meta.url), { type: 'module', name: 'camera' });
  const { widthPx, heightPx, rgba } = await wrap<CameraPainter>(worker).cameraScene(fish, kind, side);
  worker.terminate();
  const scene = await createImageBitmap(new ImageData(rgba, widthPx, heightPx));
  const canvas = document.createElement('canvas');
  canvas.width = FRAME.width;
  canvas.height = FRAME.height;
  const context = canvas.getContext('2d');
  if (!context) throw new Error(dataText.thisBrowserDrawsNo);
  const began = performance.now();
  const draw = () => {
    const { shiftX, shiftY, leanRad, near, blurPx } = cameraHold((performance.now() - began) / 1000);
    context.setTransform(1, 0, 0, 1, FRAME.width / 2, FRAME.height / 2);
    context.rotate(leanRad);
    const scale = (near * FRAME.width) / widthPx;
    context.scale(scale, scale);
    context.filter = blurPx > 0.5 ? `blur(${blurPx}px)` : 'none';
    context.drawImage(scene, (shiftX - 0.5) * widthPx, (shiftY - 0.5) * heightPx);
  };
  draw();
  const drawing = setInterval(draw, 66);
  const stream = canvas.captureStream(15);
  return {
    stream,
    close: () => {
      clearInterval(drawing);
      stream.getTracks().forEach((track) => track.stop());
      scene.close();
    },
  };
}

/** What the camera sees now, no wider than wanted. */
function drawn(video: HTMLVideoElement, mostPx: number): OffscreenCanvas {
  const by = Math.min(1, mostPx / video.videoWidth);
  const canvas = new OffscreenCanvas(Math.round(video.videoWidth * by), Math.round(video.videoHeight * by));
  canvas.getContext('2d')?.drawImage(video, 0, 0, canvas.width, canvas.height);
  return canvas;
}

/** One frame to be looked at, as fine as pictures are judged; undefined while the camera shows nothing. */
export function frameOf(video: HTMLVideoElement): ImageBitmap | undefined {
  return video.readyState < 2 || video.videoWidth === 0 ? undefined : drawn(video, FINE_PX).transferToImageBitmap();
}

/** A still of what the camera sees, as JPEG; dated by the clock of this device, without a place. */
export async function stillOf(video: HTMLVideoElement): Promise<File> {
  const canvas = drawn(video, Infinity);
  const bytes = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.92 });
  const now = new Date();
  return new File([bytes], `fish-${now.toISOString().replace(/[:.]/g, '-')}.jpg`, {
    type: 'image/jpeg',
    lastModified: now.getTime(),
  });
}
