import { PassThrough } from 'node:stream';
import { Controller, Get, Inject, Logger, StreamableFile } from '@nestjs/common';
import type { BookFolder } from '../storage/bookFolder.js';
import { BOOK_FOLDER } from './backups.service.js';
import { writeBackup } from './writeBackup.js';

/** The whole book as one file, streamed while it is made. */
@Controller('backup')
export class BackupController {
  private readonly log = new Logger('Backup');

  constructor(@Inject(BOOK_FOLDER) private readonly where: BookFolder) {}

  @Get()
  download(): StreamableFile {
    const now = new Date();
    const out = new PassThrough();
    // One that breaks off has no list of its files at its end: nobody takes it for whole.
    writeBackup(this.where, () => out, now).then(
      ({ missing }) => {
        if (missing.length > 0) this.log.warn(`Backed up without the originals of: ${missing.join(', ')}`);
      },
      (cause: unknown) => {
        this.log.error(`The backup broke off: ${String(cause)}`);
        out.destroy(cause instanceof Error ? cause : new Error(String(cause)));
      },
    );
    return new StreamableFile(out, {
      type: 'application/zip',
      disposition: `attachment; filename="unhurried-keeper-${now.toISOString().slice(0, 10)}.zip"`,
    });
  }
}
