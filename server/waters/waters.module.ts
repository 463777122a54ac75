import { Module } from '@nestjs/common';
import { WatersRepository } from './waters.repository.js';
import { WatersController } from './waters.controller.js';

@Module({ controllers: [WatersController], providers: [WatersRepository], exports: [WatersRepository] })
export class WatersModule {}
