import { Module, type DynamicModule } from '@nestjs/common';
import { Database } from './database.js';

@Module({})
export class StorageModule {
  static register(dataFolder: string, migrationsFolder: string): DynamicModule {
    return {
      module: StorageModule,
      global: true,
      providers: [{ provide: Database, useFactory: () => Database.open(dataFolder, migrationsFolder) }],
      exports: [Database],
    };
  }
}
