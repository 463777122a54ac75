import { Module, type DynamicModule } from '@nestjs/common';
import { bookFolder } from '../storage/bookFolder.js';
import { BackupController } from './backup.controller.js';
import { BackupsController } from './backups.controller.js';
import { BackupsService, BOOK_FOLDER } from './backups.service.js';

@Module({})
export class BackupModule {
  static register(dataFolder: string): DynamicModule {
    return {
      module: BackupModule,
      controllers: [BackupController, BackupsController],
      providers: [BackupsService, { provide: BOOK_FOLDER, useValue: bookFolder(dataFolder) }],
    };
  }
}
