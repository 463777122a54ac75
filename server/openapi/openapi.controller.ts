import { Controller, Get } from '@nestjs/common';

@Controller('openapi.json')
export class OpenApiController {
  private description: Promise<object> | undefined;

  /** Made when first asked for: the server is up sooner without it. */
  @Get()
  describe(): Promise<object> {
    this.description ??= import('./describe.js').then(({ describeApi }) => describeApi());
    return this.description;
  }
}
