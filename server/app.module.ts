import { join } from 'node:path';
import { Module, type DynamicModule } from '@nestjs/common';
import { ServeStaticModule } from '@nestjs/serve-static';
import { BookModule } from './book/book.module.js';
import { CapturesModule } from './captures/captures.module.js';
import { HealthModule } from './health/health.module.js';
import { OpenApiModule } from './openapi/openapi.module.js';
import type { Options } from './options.js';
import { PicturesModule } from './pictures/pictures.module.js';
import { SettingsModule } from './settings/settings.module.js';
import { StorageModule } from './storage/storage.module.js';
import { WatersModule } from './waters/waters.module.js';
import { webPage } from './webPage.js';

/** One module for each noun of the job. */
@Module({})
export class AppModule {
  static register(options: Options, folders: { migrations: string; web: string }): DynamicModule {
    const pictures = PicturesModule.register(join(options.dataFolder, 'pictures'));
    return {
      module: AppModule,
      imports: [
        StorageModule.register(options.dataFolder, folders.migrations),
        CapturesModule,
        pictures,
        WatersModule,
        SettingsModule,
        BookModule.register(pictures),
        HealthModule,
        OpenApiModule,
        ServeStaticModule.forRoot(webPage(folders.web)),
      ],
    };
  }
}
