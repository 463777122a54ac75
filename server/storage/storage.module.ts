import { Module, type DynamicModule } from '@nestjs/common';
import { Database } from './database.js';

@Module({})
export class StorageModule {
  static register(database: Database): DynamicModule {
    return {
      module: StorageModule,
      global: true,
      // Made by a factory, so that it is closed with the application.
      providers: [{ provide: Database, useFactory: () => database }],
      exports: [Database],
    };
  }
}
