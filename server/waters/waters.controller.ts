import { Body, Controller, Get, Param, ParseUUIDPipe, Put } from '@nestjs/common';
import { WriteWaterDto, type KeptWater } from '@keeper/contract/waters';
import { WatersRepository } from './waters.repository.js';

@Controller('waters')
export class WatersController {
  constructor(private readonly waters: WatersRepository) {}

  @Get()
  all(): KeptWater[] {
    return this.waters.all();
  }

  @Put(':waterId')
  write(@Param('waterId', ParseUUIDPipe) waterId: string, @Body() body: WriteWaterDto): KeptWater {
    return this.waters.write(waterId, body, new Date());
  }
}
