import { Module } from '@nestjs/common';
import { OutingsModule } from '../outings/outings.module.js';
import { SettingsModule } from '../settings/settings.module.js';
import { FindingsController } from './findings.controller.js';
import { FindingsService } from './findings.service.js';

@Module({ imports: [OutingsModule, SettingsModule], controllers: [FindingsController], providers: [FindingsService] })
export class FindingsModule {}
