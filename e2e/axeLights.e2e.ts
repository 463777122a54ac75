import { triedInLight } from './triedInLight.js';

// Contrast hangs on the light and not on the size of the screen: these are tried at one size only.
triedInLight('glare');
triedInLight('night');
