import { triedInLight } from './triedInLight.js';

triedInLight('day');
