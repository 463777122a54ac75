import { Module, type DynamicModule } from '@nestjs/common';
import { CapturesModule } from '../captures/captures.module.js';
import { RegistersService } from './registers.service.js';
import { OwnRegisterService } from './ownRegister.service.js';
import { RegistersController } from './registers.controller.js';

@Module({})
export class RegistersModule {
  static register(pictures: DynamicModule, flanks: DynamicModule): DynamicModule {
    return {
      module: RegistersModule,
      imports: [CapturesModule, pictures, flanks],
      controllers: [RegistersController],
      providers: [RegistersService, OwnRegisterService],
    };
  }
}
