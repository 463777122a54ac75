import { Module } from '@nestjs/common';
import { OutingsModule } from '../outings/outings.module.js';
import { FindingsController } from './findings.controller.js';
import { FindingsService } from './findings.service.js';

@Module({ imports: [OutingsModule], controllers: [FindingsController], providers: [FindingsService] })
export class FindingsModule {}
