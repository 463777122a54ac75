import { Controller, Get, Query } from '@nestjs/common';
import { CellsQueryDto, type CellsAnswer, type FlanksAnswer } from '@keeper/contract/flanks';
import { FlankDescriptorsService } from './flankDescriptors.service.js';

@Controller('flanks')
export class FlanksController {
  constructor(private readonly prints: FlankDescriptorsService) {}

  @Get()
  flanks(): Promise<FlanksAnswer> {
    return this.prints.all();
  }

  @Get('cells')
  async cells(@Query() { prints }: CellsQueryDto): Promise<CellsAnswer> {
    return Object.fromEntries(await this.prints.cells(prints.split(',')));
  }
}
