import { Controller, Get } from '@nestjs/common';
import { describeApi } from './describe.js';

@Controller('openapi.json')
export class OpenApiController {
  private description: object | undefined;

  @Get()
  describe(): object {
    return (this.description ??= describeApi());
  }
}
