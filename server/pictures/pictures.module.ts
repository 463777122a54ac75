import { Module, type DynamicModule } from '@nestjs/common';
import { PICTURE_FOLDER, PictureStore } from './pictureStore.js';
import { PicturesController } from './pictures.controller.js';

@Module({})
export class PicturesModule {
  static register(folder: string): DynamicModule {
    return {
      module: PicturesModule,
      controllers: [PicturesController],
      providers: [PictureStore, { provide: PICTURE_FOLDER, useValue: folder }],
      exports: [PictureStore],
    };
  }
}
