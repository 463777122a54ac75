import { PassThrough } from 'node:stream';
import { Body, Controller, Get, Inject, Logger, Param, Post, StreamableFile } from '@nestjs/common';
import { SealBackupDto, type SealedDownload } from '@keeper/contract/backups';
import { notFound } from '../errors/problem.js';
import type { BookFolder } from '../storage/bookFolder.js';
import { BOOK_FOLDER } from './backups.service.js';
import { sealedWith } from './sealing.js';
import { SealTickets } from './sealTickets.js';
import { writeBackup } from './writeBackup.js';

/** The whole book as one file, streamed while it is made; sealed with a passphrase where one is given. */
@Controller('backup')
export class BackupController {
  private readonly log = new Logger('Backup');
  private readonly tickets = new SealTickets(() => Date.now());

  constructor(@Inject(BOOK_FOLDER) private readonly where: BookFolder) {}

  @Get()
  download(): StreamableFile {
    return this.file(undefined);
  }

  /** An address from which the book is fetched sealed, once and soon: a passphrase stands in no address. */
  @Post('sealed')
  offer(@Body() { passphrase }: SealBackupDto): SealedDownload {
    return { path: `/api/backup/sealed/${this.tickets.issue(passphrase)}` };
  }

  @Get('sealed/:ticket')
  downloadSealed(@Param('ticket') ticket: string): StreamableFile {
    const passphrase = this.tickets.take(ticket);
    if (passphrase === undefined) throw notFound('That download');
    return this.file(passphrase);
  }

  private file(passphrase: string | undefined): StreamableFile {
    const now = new Date();
    const out = new PassThrough();
    // One that breaks off has no list of its files at its end: nobody takes it for whole.
    writeBackup(this.where, () => (passphrase === undefined ? out : sealedWith(passphrase, () => out)), now).then(
      ({ missing }) => {
        if (missing.length > 0) this.log.warn(`Backed up without the originals of: ${missing.join(', ')}`);
      },
      (cause: unknown) => {
        this.log.error(`The backup broke off: ${String(cause)}`);
        out.destroy(cause instanceof Error ? cause : new Error(String(cause)));
      },
    );
    const name = `unhurried-keeper-${now.toISOString().slice(0, 10)}.zip${passphrase === undefined ? '' : '.age'}`;
    return new StreamableFile(out, {
      type: passphrase === undefined ? 'application/zip' : 'application/octet-stream',
      disposition: `attachment; filename="${name}"`,
    });
  }
}
