import { Body, Controller, Get, Post, Put } from '@nestjs/common';
import { WriteBackupsDto, type Backups } from '@keeper/contract/backups';
import { BackupsService } from './backups.service.js';

/** The backups that are made by themselves. */
@Controller('backups')
export class BackupsController {
  constructor(private readonly backups: BackupsService) {}

  @Get()
  state(): Backups {
    return this.backups.state(new Date());
  }

  /** A new one at once; once it is whole, those made before are deleted: what was deleted from the book is in them. */
  @Post('renewed')
  renew(): Promise<Backups> {
    return this.backups.renew(new Date());
  }

  @Put()
  choose(@Body() { folder, passphrase }: WriteBackupsDto): Backups {
    return this.backups.choose(folder, new Date(), passphrase);
  }
}
