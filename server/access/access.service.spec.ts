import { AccessService } from './access.service.js';
import type { DevicesRepository } from './devices.repository.js';
import { keepPassphrase } from './passphrase.js';
import type { PassphraseRepository } from './passphrase.repository.js';

test('the pause after wrong ones begins when the last of them has been weighed, however long that took', async () => {
  const kept = await keepPassphrase('three carp in the margins', { logN: 4, r: 8, p: 1 });
  const access = new AccessService({} as DevicesRepository, { read: () => kept } as PassphraseRepository);
  let nowMs = Date.UTC(2026, 5, 1);
  let asked = 0;
  // Each guess asks for the time before it is weighed and after: weighing it takes ten seconds.
  const clock = () => new Date((nowMs += (asked += 1) % 2 === 0 ? 10_000 : 0));
  const guess = () => access.enter({ passphrase: 'guessed', name: 'Guest', deviceId: 'guest' }, '192.168.1.7', clock);
  for (let i = 0; i < 5; i += 1) await expect(guess()).rejects.toMatchObject({ status: 403 });
  await expect(guess()).rejects.toMatchObject({ status: 429 });
});
