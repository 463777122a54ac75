import { deviceName } from './deviceName.js';

// Shapes of user agents as browsers document them.
test.each([
  ['Mozilla/5.0 (Linux; Android 15) AppleWebKit/537.36 Chrome/130.0 Mobile Safari/537.36', 'Android phone'],
  ['Mozilla/5.0 (Linux; Android 15) AppleWebKit/537.36 Chrome/130.0 Safari/537.36', 'Tablet'],
  ['Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X) Mobile/15E148', 'iPhone'],
  ['Mozilla/5.0 (iPad; CPU OS 18_0 like Mac OS X) Mobile/15E148', 'Tablet'],
  ['Mozilla/5.0 (X11; Linux x86_64) Chrome/130.0', 'Computer'],
])('%s', (agent, name) => expect(deviceName(agent)).toBe(name));
