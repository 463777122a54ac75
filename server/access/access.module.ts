import { Module, type DynamicModule } from '@nestjs/common';
import { APP_GUARD, APP_INTERCEPTOR } from '@nestjs/core';
import { HomeController } from '../home/home.controller.js';
import { HomeService } from '../home/home.service.js';
import type { Options } from '../options.js';
import { Database } from '../storage/database.js';
import { AccessController } from './access.controller.js';
import { AccessGuard } from './access.guard.js';
import { AccessService } from './access.service.js';
import { DevicesRepository } from './devices.repository.js';
import { HelperSees } from './helperSees.interceptor.js';
import { COST, PASSPHRASE_COST } from './passphrase.js';
import { PassphraseRepository } from './passphrase.repository.js';

/** Who may ask, and the door to the home network. */
@Module({})
export class AccessModule {
  static register(options: Options): DynamicModule {
    return {
      module: AccessModule,
      controllers: [AccessController, HomeController],
      providers: [
        DevicesRepository,
        PassphraseRepository,
        AccessService,
        { provide: PASSPHRASE_COST, useValue: COST },
        {
          provide: HomeService,
          useFactory: (database: Database, passphrase: PassphraseRepository) =>
            new HomeService(options, database, passphrase),
          inject: [Database, PassphraseRepository],
        },
        { provide: APP_GUARD, useClass: AccessGuard },
        { provide: APP_INTERCEPTOR, useClass: HelperSees },
      ],
      exports: [DevicesRepository, PassphraseRepository, HomeService],
    };
  }
}
