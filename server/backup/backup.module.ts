import { Module, type DynamicModule } from '@nestjs/common';
import { bookFolder } from '../storage/bookFolder.js';
import { BackupController, BOOK_FOLDER } from './backup.controller.js';

@Module({})
export class BackupModule {
  static register(dataFolder: string): DynamicModule {
    return {
      module: BackupModule,
      controllers: [BackupController],
      providers: [{ provide: BOOK_FOLDER, useValue: bookFolder(dataFolder) }],
    };
  }
}
