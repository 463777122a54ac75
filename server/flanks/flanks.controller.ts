import { Controller, Get } from '@nestjs/common';
import type { FlanksAnswer } from '@keeper/contract/flanks';
import { FlankPrints } from './flankPrints.js';

@Controller('flanks')
export class FlanksController {
  constructor(private readonly prints: FlankPrints) {}

  @Get()
  flanks(): Promise<FlanksAnswer> {
    return this.prints.all();
  }
}
