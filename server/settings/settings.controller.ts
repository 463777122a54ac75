import { Body, Controller, Get, Put } from '@nestjs/common';
import { WriteSettingsDto } from '@keeper/contract/settings';
import type { KeptSettings } from '@keeper/contract/preferences';
import { SettingsService } from './settings.service.js';

@Controller('settings')
export class SettingsController {
  constructor(private readonly settings: SettingsService) {}

  @Get()
  read(): KeptSettings {
    return this.settings.read();
  }

  @Put()
  write(@Body() body: WriteSettingsDto): KeptSettings {
    return this.settings.write(body, new Date());
  }
}
