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
  UploadedFile,
  UseInterceptors,
} from '@nestjs/common';
import { FileInterceptor } from '@nestjs/platform-express';
import { memoryStorage } from 'multer';
import { MOST_REGISTER_BYTES } from '@keeper/contract/limits';
import { RegisterQueryDto, type TakenIn, type TheirRegister } from '@keeper/contract/registers';
import type { RegisterFile } from '@keeper/core/formats/registerJson';
import { Problem } from '../errors/problem.js';
import { KeepRegisters } from './keepRegisters.js';
import { OwnRegister } from './ownRegister.js';

@Controller()
export class RegistersController {
  constructor(
    private readonly theirs: KeepRegisters,
    private readonly own: OwnRegister,
  ) {}

  @Get('register.json')
  @Header('Content-Disposition', 'attachment; filename="register.json"')
  give(@Query() query: RegisterQueryDto): Promise<RegisterFile> {
    return this.own.file(query, new Date());
  }

  @Get('registers')
  all(): TheirRegister[] {
    return this.theirs.all();
  }

  @Post('registers')
  @UseInterceptors(
    FileInterceptor('file', {
      storage: memoryStorage(),
      limits: { fileSize: MOST_REGISTER_BYTES, files: 1, fields: 0 },
    }),
  )
  takeIn(@UploadedFile() file: Express.Multer.File | undefined): TakenIn {
    if (!file) {
      throw new Problem(400, {
        code: 'not-valid',
        sentence: 'No register came with the request. Send it as the form field "file".',
        fields: [{ field: 'file', sentence: 'No register came.' }],
      });
    }
    return this.theirs.takeIn(file.buffer.toString('utf8'), new Date());
  }

  @Delete('registers/:id')
  @HttpCode(204)
  putAway(@Param('id', ParseUUIDPipe) id: string): void {
    this.theirs.putAway(id);
  }
}
