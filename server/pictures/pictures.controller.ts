import { Controller, Get, Param, Post, Query, Res, UploadedFile, UseInterceptors } from '@nestjs/common';
import { FileInterceptor } from '@nestjs/platform-express';
import type { Response } from 'express';
import { memoryStorage } from 'multer';
import { MOST_PICTURE_BYTES } from '@keeper/contract/limits';
import { PictureQueryDto } from '@keeper/contract/pictures';
import type { PictureFacts } from '@keeper/core/formats/bookJson';
import { notFound, Problem } from '../errors/problem.js';
import { PictureStore } from './pictureStore.js';

const FOREVER = 'private, max-age=31536000, immutable';

@Controller('pictures')
export class PicturesController {
  constructor(private readonly store: PictureStore) {}

  @Post()
  @UseInterceptors(
    FileInterceptor('file', {
      storage: memoryStorage(),
      limits: { fileSize: MOST_PICTURE_BYTES, files: 1, fields: 0 },
    }),
  )
  async keep(@UploadedFile() file: Express.Multer.File | undefined): Promise<PictureFacts> {
    if (!file) {
      throw new Problem(400, {
        code: 'not-valid',
        sentence: 'No picture came with the request. Send it as the form field "file".',
        fields: [{ field: 'file', sentence: 'No picture came.' }],
      });
    }
    return this.store.keep(file.buffer, new Date());
  }

  @Get(':sha256')
  async picture(
    @Param('sha256') sha256: string,
    @Query() { size }: PictureQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    const facts = /^[0-9a-f]{64}$/.test(sha256) ? this.store.facts(sha256) : undefined;
    if (!facts) throw notFound('That picture');
    response.setHeader('Cache-Control', FOREVER);
    if (size) {
      response.type('image/jpeg').send(await this.store.smaller(sha256, size));
    } else {
      response.type(facts.mime).sendFile(await this.store.originalFile(sha256), { dotfiles: 'allow' });
    }
  }
}
