import { dataText } from './text.en-GB.js';
/** The part of Web Bluetooth that is used here; browsers without it have none of it. */
interface Characteristic extends EventTarget {
  readonly value?: DataView;
  startNotifications(): Promise<unknown>;
}
interface BluetoothDevice extends EventTarget {
  readonly gatt: {
    connect(): Promise<{
      getPrimaryService(id: number): Promise<{ getCharacteristic(id: number): Promise<Characteristic> }>;
    }>;
    disconnect(): void;
  };
}
interface Bluetooth {
  requestDevice(options: { filters: { services: number[] }[] }): Promise<BluetoothDevice>;
}

function bluetooth(): Bluetooth | undefined {
  return (navigator as Navigator & { bluetooth?: Bluetooth }).bluetooth;
}

/** Whether this browser can speak to real devices. */
export const canUseBluetooth = () => bluetooth() !== undefined;

interface Spoken {
  readonly service: number;
  readonly characteristic: number;
  /** How it is called in a sentence, such as `probe`. */
  readonly name: string;
}

interface Heard {
  readonly onPacket: (packet: DataView) => void;
  readonly onGone: (sentence: string) => void;
}

/**
 * Lets the keeper choose a device and listens to it. Gives back how to let it go. @throws Error with a sentence, or the
 * browser's own.
 */
export async function listenTo(
  { service, characteristic, name }: Spoken,
  { onPacket, onGone }: Heard,
): Promise<() => void> {
  const device = await bluetooth()?.requestDevice({ filters: [{ services: [service] }] });
  if (!device) throw new Error(dataText.thisBrowserCannotSpeak({ name }));
  const server = await device.gatt.connect();
  const spoken = await (await server.getPrimaryService(service)).getCharacteristic(characteristic);
  const hear = () => spoken.value && onPacket(spoken.value);
  const gone = () => onGone(dataText.theHasGoneOut({ name }));
  spoken.addEventListener('characteristicvaluechanged', hear);
  device.addEventListener('gattserverdisconnected', gone);
  await spoken.startNotifications();
  return () => {
    spoken.removeEventListener('characteristicvaluechanged', hear);
    device.removeEventListener('gattserverdisconnected', gone);
    device.gatt.disconnect();
  };
}

/** The time that simulated devices live in. */
export const STANDIN_PLATFORM = {
  wait: (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms)),
  every: (ms: number, tick: () => void) => {
    const ticking = setInterval(tick, ms);
    return () => clearInterval(ticking);
  },
};
