import { Module } from '@nestjs/common';
import { KeepWaters } from './keepWaters.js';
import { WatersController } from './waters.controller.js';

@Module({ controllers: [WatersController], providers: [KeepWaters], exports: [KeepWaters] })
export class WatersModule {}
