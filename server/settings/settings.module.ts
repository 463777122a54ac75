import { Module } from '@nestjs/common';
import { KeepSettings } from './keepSettings.js';
import { SettingsController } from './settings.controller.js';

@Module({ controllers: [SettingsController], providers: [KeepSettings], exports: [KeepSettings] })
export class SettingsModule {}
