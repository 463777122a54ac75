import { Module, type DynamicModule } from '@nestjs/common';
import { bookFolder } from '../storage/bookFolder.js';
import { BackupController } from './backup.controller.js';
import { BackupsController } from './backups.controller.js';
import { BackupsService, BOOK_FOLDER } from './backups.service.js';
import { MIGRATIONS } from './migrations.js';
import { RESTART, type Restart } from './restart.js';
import { RestoreController } from './restore.controller.js';

/** What bringing a book back asks of whoever started the server. */
export interface Restoring {
  readonly migrations: string;
  readonly restart: Restart;
}

@Module({})
export class BackupModule {
  static register(dataFolder: string, { migrations, restart }: Restoring): DynamicModule {
    return {
      module: BackupModule,
      controllers: [BackupController, BackupsController, RestoreController],
      providers: [
        BackupsService,
        { provide: BOOK_FOLDER, useValue: bookFolder(dataFolder) },
        { provide: MIGRATIONS, useValue: migrations },
        { provide: RESTART, useValue: restart },
      ],
    };
  }
}
