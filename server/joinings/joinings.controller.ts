import { Body, Controller, Get, Param, ParseUUIDPipe, Put } from '@nestjs/common';
import { WriteJoiningDto, type KeptJoining } from '@keeper/contract/joinings';
import { JoiningsService } from './joinings.service.js';

@Controller('joinings')
export class JoiningsController {
  constructor(private readonly joinings: JoiningsService) {}

  @Get()
  all(): KeptJoining[] {
    return this.joinings.all();
  }

  @Put(':id')
  write(@Param('id', ParseUUIDPipe) id: string, @Body() body: WriteJoiningDto): KeptJoining {
    return this.joinings.write(id, body, new Date());
  }
}
