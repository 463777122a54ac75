import { readProbePacket } from '@keeper/core/weather/probeTemperature';
import { canUseBluetooth } from './bluetooth.js';
import { bluetoothProbe, simulatedProbe } from './probe.js';

/** A device as Web Bluetooth gives it, in the test's hand. */
function device() {
  const characteristic = Object.assign(new EventTarget(), {
    value: undefined as DataView | undefined,
    startNotifications: () => Promise.resolve(),
  });
  let disconnected = 0;
  const asked: unknown[] = [];
  const made = Object.assign(new EventTarget(), {
    gatt: {
      connect: () =>
        Promise.resolve({
          getPrimaryService: (id: number) => {
            asked.push(id);
            return Promise.resolve({
              getCharacteristic: (which: number) => {
                asked.push(which);
                return Promise.resolve(characteristic);
              },
            });
          },
        }),
      disconnect: () => (disconnected += 1),
    },
  });
  const bluetooth = { requestDevice: (options: unknown) => (asked.push(options), Promise.resolve(made)) };
  Object.assign(navigator, { bluetooth });
  return { characteristic, made, asked, disconnected: () => disconnected };
}

afterEach(() => Object.assign(navigator, { bluetooth: undefined }));

test('a real probe is asked for by its service, and hands its packets on until it is let go', async () => {
  const { characteristic, asked, disconnected } = device();
  expect(canUseBluetooth()).toBe(true);
  const packets: DataView[] = [];
  const letGo = await bluetoothProbe().connect({ onPacket: (packet) => packets.push(packet), onGone: () => undefined });
  expect(asked).toEqual([{ filters: [{ services: [0x181a] }] }, 0x181a, 0x2a6e]);
  characteristic.value = new DataView(Uint8Array.from([0xd0, 0x07]).buffer);
  characteristic.dispatchEvent(new Event('characteristicvaluechanged'));
  letGo();
  characteristic.dispatchEvent(new Event('characteristicvaluechanged'));
  expect(packets.map(readProbePacket)).toEqual([{ ok: true, value: 20 }]);
  expect(disconnected()).toBe(1);
});

test('when it goes out of reach that is said', async () => {
  const { made } = device();
  const gone: string[] = [];
  await bluetoothProbe().connect({ onPacket: () => undefined, onGone: (why) => gone.push(why) });
  made.dispatchEvent(new Event('gattserverdisconnected'));
  expect(gone).toEqual(['The probe has gone out of reach, or its battery is flat.']);
});

test('a browser without Bluetooth says so', async () => {
  await expect(bluetoothProbe().connect({ onPacket: () => undefined, onGone: () => undefined })).rejects.toThrow(
    'cannot speak to a probe',
  );
});

test('the simulated probe hangs in the water of the day that was wished for', async () => {
  jest.useFakeTimers();
  localStorage.setItem('keeper.standin.day', 'heatwave');
  const packets: DataView[] = [];
  const position = { latitudeDeg: 46.7, longitudeDeg: -22.4 };
  const letGo = await simulatedProbe(Date.UTC(2026, 6, 15, 12), position).connect({
    onPacket: (packet) => packets.push(packet),
    onGone: () => undefined,
  });
  jest.advanceTimersByTime(20_000);
  letGo();
  jest.advanceTimersByTime(5000);
  const last = readProbePacket(packets.at(-1) ?? new DataView(new ArrayBuffer(0)));
  expect(packets).toHaveLength(40);
  expect(last.ok && last.value).toBeGreaterThan(22);
  jest.useRealTimers();
});
