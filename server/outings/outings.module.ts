import { Module } from '@nestjs/common';
import { KeepOutings } from './keepOutings.js';
import { OutingsController } from './outings.controller.js';

@Module({ controllers: [OutingsController], providers: [KeepOutings], exports: [KeepOutings] })
export class OutingsModule {}
