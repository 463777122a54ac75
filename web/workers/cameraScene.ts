import { expose } from 'comlink';
import { cameraScene } from '@keeper/standins/camera';

const painter = { cameraScene };
export type CameraPainter = typeof painter;
expose(painter);
