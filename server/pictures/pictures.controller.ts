import { Controller, Get, Param, Post, Query, Res, UploadedFile, UseGuards, UseInterceptors } from '@nestjs/common';
import type { Response } from 'express';
import { MOST_PICTURE_BYTES } from '@keeper/contract/limits';
import { PictureQueryDto } from '@keeper/contract/pictures';
import type { PictureFacts } from '@keeper/core/formats/bookJson';
import { notFound, Problem } from '../errors/problem.js';
import { OneFile } from '../uploads/oneFile.js';
import type { ReceivedFile } from '../uploads/receivedFile.js';
import { UploadPlaces } from '../uploads/uploadPlaces.js';
import { PictureStore } from './pictureStore.js';

const FOREVER = 'private, max-age=31536000, immutable';

@Controller('pictures')
export class PicturesController {
  constructor(private readonly store: PictureStore) {}

  @Post()
  @UseGuards(UploadPlaces)
  @UseInterceptors(OneFile(MOST_PICTURE_BYTES))
  async keep(@UploadedFile() file: ReceivedFile | undefined): Promise<PictureFacts> {
    if (!file) {
      throw new Problem(400, {
        code: 'not-valid',
        sentence: 'No picture came with the request. Send it as the form field "file".',
        fields: [{ field: 'file', sentence: 'No picture came.' }],
      });
    }
    return this.store.keep(file, new Date());
  }

  @Get(':sha256')
  async picture(
    @Param('sha256') sha256: string,
    @Query() { size }: PictureQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    const facts = /^[0-9a-f]{64}$/.test(sha256) ? this.store.facts(sha256) : undefined;
    if (!facts) throw notFound('That picture');
    if (size) {
      const copy = await this.store.smaller(sha256, size);
      response.setHeader('Cache-Control', FOREVER).type('image/jpeg').send(copy);
    } else {
      const file = await this.store.originalFile(sha256);
      response.setHeader('Cache-Control', FOREVER).type(facts.mime);
      response.sendFile(file, { dotfiles: 'allow', cacheControl: false });
    }
  }
}
