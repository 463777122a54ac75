import { join } from 'node:path';
import { Module, type DynamicModule } from '@nestjs/common';
import { AccessModule } from './access/access.module.js';
import { BackupModule, type Restoring } from './backup/backup.module.js';
import { BookModule } from './book/book.module.js';
import { CalendarModule } from './calendar/calendar.module.js';
import { CapturesModule } from './captures/captures.module.js';
import { WriteFishDto } from '@keeper/contract/fish';
import { WriteImportDto } from '@keeper/contract/imports';
import { WriteKeeperDto } from '@keeper/contract/keepers';
import { WriteKitItemDto } from '@keeper/contract/kit';
import { WriteMeetingDto } from '@keeper/contract/meetings';
import { WriteRehearsalDto } from '@keeper/contract/rehearsals';
import { WriteRigDto } from '@keeper/contract/rigs';
import { WriteSwimDto } from '@keeper/contract/swims';
import { WriteViewDto } from '@keeper/contract/views';
import { FindingsModule } from './findings/findings.module.js';
import { FlanksModule } from './flanks/flanks.module.js';
import { EventsModule } from './events/events.module.js';
import { JoiningsModule } from './joinings/joinings.module.js';
import { HealthModule } from './health/health.module.js';
import { OpenApiModule } from './openapi/openapi.module.js';
import type { Options } from './options.js';
import { OthersModule } from './others/others.module.js';
import { OutingsModule } from './outings/outings.module.js';
import { PicturesModule } from './pictures/pictures.module.js';
import { ReadersModule } from './readers/readers.module.js';
import { RegistersModule } from './registers/registers.module.js';
import { rowsModule } from './rows/rows.module.js';
import { SettingsModule } from './settings/settings.module.js';
import type { Database } from './storage/database.js';
import { StorageModule } from './storage/storage.module.js';
import { fish, imports, keepers, kit, meetings, rehearsals, rigs, swims, views } from './storage/schema.js';
import { WatersModule } from './waters/waters.module.js';
import { WeatherModule } from './weather/weather.module.js';

/** One module for each noun of the job. */
@Module({})
export class AppModule {
  static register(options: Options, database: Database, restoring: Restoring): DynamicModule {
    const pictures = PicturesModule.register(join(options.dataFolder, 'pictures'));
    const flanks = FlanksModule.register(pictures, join(options.dataFolder, 'prints'));
    const book = BookModule.register(pictures, flanks);
    return {
      module: AppModule,
      imports: [
        StorageModule.register(database),
        AccessModule.register(options),
        EventsModule.register(pictures, flanks),
        CapturesModule,
        OutingsModule,
        FindingsModule,
        pictures,
        flanks,
        RegistersModule.register(pictures, flanks),
        WatersModule,
        JoiningsModule,
        rowsModule({ path: 'swims', table: swims, contract: WriteSwimDto, name: 'This swim' }),
        rowsModule({ path: 'rigs', table: rigs, contract: WriteRigDto, name: 'This rig' }),
        rowsModule({ path: 'kit', table: kit, contract: WriteKitItemDto, name: 'This thing' }),
        rowsModule({ path: 'fish', table: fish, contract: WriteFishDto, name: 'This fish' }),
        rowsModule({ path: 'meetings', table: meetings, contract: WriteMeetingDto, name: 'This meeting' }),
        rowsModule({ path: 'imports', table: imports, contract: WriteImportDto, name: 'This import' }),
        rowsModule({ path: 'views', table: views, contract: WriteViewDto, name: 'This view' }),
        rowsModule({ path: 'keepers', table: keepers, contract: WriteKeeperDto, name: 'This keeper' }),
        rowsModule({ path: 'rehearsals', table: rehearsals, contract: WriteRehearsalDto, name: 'This rehearsal' }),
        WeatherModule,
        ReadersModule.register(pictures),
        SettingsModule,
        book,
        OthersModule.register(book),
        CalendarModule.register(book),
        BackupModule.register(options.dataFolder, restoring),
        HealthModule,
        OpenApiModule,
      ],
    };
  }
}
