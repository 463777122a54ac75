import { Module } from '@nestjs/common';
import { OutingsService } from './outings.service.js';
import { OutingsController } from './outings.controller.js';

@Module({ controllers: [OutingsController], providers: [OutingsService], exports: [OutingsService] })
export class OutingsModule {}
