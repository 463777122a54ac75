import { Body, Controller, Get, Header, Put } from '@nestjs/common';
import { SwitchHomeDto, type Home } from '@keeper/contract/access';
import { notFound } from '../errors/problem.js';
import { HomeService } from './home.service.js';

@Controller('access')
export class HomeController {
  constructor(private readonly home: HomeService) {}

  @Get('home')
  state(): Home {
    return this.home.state();
  }

  @Put('home')
  want(@Body() { on }: SwitchHomeDto): Promise<Home> {
    return this.home.want(on);
  }

  /** Public by its nature: whoever installs it compares the fingerprint with the keeper's screen. */
  @Get('authority.crt')
  @Header('Content-Type', 'application/x-x509-ca-cert')
  @Header('Content-Disposition', 'attachment; filename="unhurried-keeper.crt"')
  authority(): string {
    const certificate = this.home.authorityCertificate();
    if (certificate === undefined) throw notFound('A certificate of its own');
    return certificate;
  }
}
