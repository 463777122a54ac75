import {
  Controller,
  Delete,
  Get,
  Header,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Query,
  type StreamableFile,
  UploadedFile,
  UseGuards,
  UseInterceptors,
} from '@nestjs/common';
import { MOST_REGISTER_BYTES } from '@keeper/contract/limits';
import { RegisterQueryDto, type ImportedRegister } from '@keeper/contract/registers';
import type { RegisterFile } from '@keeper/core/formats/registerJson';
import { Problem } from '../errors/problem.js';
import { RegistersService } from './registers.service.js';
import { OneFile } from '../uploads/oneFile.js';
import type { ReceivedFile } from '../uploads/receivedFile.js';
import { UploadPlaces } from '../uploads/uploadPlaces.js';
import { OwnRegisterService } from './ownRegister.service.js';
import { streamText } from '../streamText.js';

@Controller()
export class RegistersController {
  constructor(
    private readonly theirs: RegistersService,
    private readonly own: OwnRegisterService,
  ) {}

  @Get('register.json')
  @Header('Content-Disposition', 'attachment; filename="register.json"')
  give(@Query() query: RegisterQueryDto): Promise<RegisterFile> {
    return this.own.file(query, new Date());
  }

  /** A list of `TheirRegister`. */
  @Get('registers')
  all(): StreamableFile {
    return streamText(this.theirs.pieces(), 'application/json; charset=utf-8');
  }

  @Post('registers')
  @UseGuards(UploadPlaces)
  @UseInterceptors(OneFile(MOST_REGISTER_BYTES))
  takeIn(@UploadedFile() file: ReceivedFile | undefined): Promise<ImportedRegister> {
    if (!file) {
      throw new Problem(400, {
        code: 'not-valid',
        sentence: 'No register came with the request. Send it as the form field "file".',
        fields: [{ field: 'file', sentence: 'No register came.' }],
      });
    }
    return this.theirs.takeIn(file, new Date());
  }

  @Delete('registers/:id')
  @HttpCode(204)
  putAway(@Param('id', ParseUUIDPipe) id: string): void {
    this.theirs.putAway(id);
  }
}
