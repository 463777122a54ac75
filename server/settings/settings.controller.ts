import { Body, Controller, Get, Put, Query, Req } from '@nestjs/common';
import type { Request } from 'express';
import { OfKeeperDto } from '@keeper/contract/keepers';
import { WriteSettingsDto } from '@keeper/contract/settings';
import type { KeptSettings } from '@keeper/contract/preferences';
import { askingOf, keeperAsked, keeperOfDevice } from '../access/asking.js';
import { Problem } from '../errors/problem.js';
import { SettingsService } from './settings.service.js';

@Controller('settings')
export class SettingsController {
  constructor(private readonly settings: SettingsService) {}

  @Get()
  read(@Query() { keeperId }: OfKeeperDto, @Req() request: Request): KeptSettings {
    return this.settings.read(keeperAsked(askingOf(request), keeperId));
  }

  /** A device writes the ways of its own keeper; on the machine each writes their own. */
  @Put()
  write(@Query() { keeperId }: OfKeeperDto, @Body() body: WriteSettingsDto, @Req() request: Request): KeptSettings {
    const asking = askingOf(request);
    const whose = keeperAsked(asking, keeperId);
    const own = keeperOfDevice(asking);
    if (own !== null && own !== whose) {
      throw new Problem(403, { code: 'not-allowed', sentence: 'Another keeper’s ways are set on a device of theirs.' });
    }
    return this.settings.write(whose, body, new Date());
  }
}
