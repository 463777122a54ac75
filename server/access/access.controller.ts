import { Body, Controller, Delete, Get, Param, ParseUUIDPipe, Post, Put, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import {
  AskHereDto,
  EnterDto,
  OfferPairingDto,
  PairDto,
  SetPassphraseDto,
  type Access,
  type PairedDevice,
  type LetIn,
  type PairingOffer,
} from '@keeper/contract/access';
import { notFound } from '../errors/problem.js';
import { HomeService } from '../home/home.service.js';
import { AccessService } from './access.service.js';
import { askingOf, keeperOfDevice, roleOf, type Asking } from './asking.js';
import { DevicesRepository } from './devices.repository.js';
import { cookieGone, cookieOf } from './sessionToken.js';

@Controller('access')
export class AccessController {
  constructor(
    private readonly access: AccessService,
    private readonly devices: DevicesRepository,
    private readonly home: HomeService,
  ) {}

  @Get()
  whoAmI(@Req() request: Request): Access {
    return this.accessOf(askingOf(request));
  }

  @Post('session')
  async enter(@Body() body: EnterDto, @Req() request: Request, @Res({ passthrough: true }) response: Response) {
    const token = await this.access.enter(body, addressOf(request), () => new Date());
    return this.letIn(token, request, response);
  }

  /** What the browser kept goes with the session: a device that was put out is left empty. */
  @Delete('session')
  leave(@Req() request: Request, @Res({ passthrough: true }) response: Response): Record<string, never> {
    const { device, door } = askingOf(request);
    if (device) this.devices.remove(device.id);
    response.setHeader('Clear-Site-Data', '"cache", "cookies", "storage"');
    response.appendHeader('Set-Cookie', cookieGone(door));
    return {};
  }

  @Put('passphrase')
  async setPassphrase(@Body() body: SetPassphraseDto, @Req() request: Request): Promise<Access> {
    await this.access.setPassphrase(body, askingOf(request), addressOf(request), () => new Date());
    await this.home.apply();
    return this.whoAmI(request);
  }

  /** On the machine: whether the passphrase is asked there too. */
  @Put('here')
  askHere(@Body() { asked }: AskHereDto, @Req() request: Request): Access {
    this.access.askHere(asked, new Date());
    return this.whoAmI(request);
  }

  @Post('pairing')
  offer(@Body() body: OfferPairingDto, @Req() request: Request): PairingOffer {
    return this.access.offer(body, askingOf(request), Date.now());
  }

  @Get('devices')
  list(): readonly PairedDevice[] {
    return this.devices.list();
  }

  @Post('devices')
  pair(@Body() body: PairDto, @Req() request: Request, @Res({ passthrough: true }) response: Response): LetIn {
    const { token, captureId } = this.access.pair(body, askingOf(request), addressOf(request), new Date());
    return { ...this.letIn(token, request, response), captureId };
  }

  @Delete('devices/:id')
  putOut(@Param('id', ParseUUIDPipe) id: string): readonly PairedDevice[] {
    if (!this.devices.putOut(id, new Date())) throw notFound('That device');
    return this.devices.list();
  }

  private letIn(token: string, request: Request, response: Response): Access {
    const { door } = askingOf(request);
    response.appendHeader('Set-Cookie', cookieOf(token, door));
    const device = this.devices.byToken(token) ?? null;
    const onMachine = door === 'here' && device?.role === 'keeper';
    return this.accessOf({ door, onMachine, device });
  }

  private accessOf(asking: Asking): Access {
    const { door, onMachine, device } = asking;
    return {
      isHere: door === 'here',
      onMachine,
      role: roleOf(asking),
      keeperId: keeperOfDevice(asking),
      deviceRowId: device?.id ?? null,
      putOut: Boolean(device?.putOutAt),
      hasPassphrase: this.access.hasPassphrase(),
      isAskedHere: this.access.isAskedHere(),
    };
  }
}

function addressOf(request: Request): string {
  return request.ip ?? 'unknown';
}
