import type { Position } from '@keeper/core/water/water';
import type { ProbeEvents, WaterProbe } from '@keeper/core/water/probe';
import { ENVIRONMENTAL_SENSING, TEMPERATURE_CHARACTERISTIC } from '@keeper/core/water/probeTemperature';
import { standinProbe } from '@keeper/standins/probe';
import { standinHour, standinWaterC } from '@keeper/standins/weather';
import { standinWishes } from './forecast.js';

/** The part of Web Bluetooth that is used here; browsers without it have none of it. */
interface Characteristic extends EventTarget {
  readonly value?: DataView;
  startNotifications(): Promise<unknown>;
}
interface BluetoothDevice extends EventTarget {
  readonly name?: string;
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

/** Whether this browser can speak to a real probe. */
export const canUseBluetooth = () => bluetooth() !== undefined;

/** A real probe that speaks Environmental Sensing over Bluetooth. */
export function bluetoothProbe(): WaterProbe {
  return {
    name: 'water probe over Bluetooth',
    connect: async ({ onPacket, onGone }: ProbeEvents) => {
      const device = await bluetooth()?.requestDevice({ filters: [{ services: [ENVIRONMENTAL_SENSING] }] });
      if (!device) throw new Error('This browser cannot speak to a probe over Bluetooth.');
      const server = await device.gatt.connect();
      const service = await server.getPrimaryService(ENVIRONMENTAL_SENSING);
      const characteristic = await service.getCharacteristic(TEMPERATURE_CHARACTERISTIC);
      const hear = () => characteristic.value && onPacket(characteristic.value);
      const gone = () => onGone('The probe has gone out of reach, or its battery is flat.');
      characteristic.addEventListener('characteristicvaluechanged', hear);
      device.addEventListener('gattserverdisconnected', gone);
      await characteristic.startNotifications();
      return () => {
        characteristic.removeEventListener('characteristicvaluechanged', hear);
        device.removeEventListener('gattserverdisconnected', gone);
        device.gatt.disconnect();
      };
    },
  };
}

/** The simulated probe, hanging in the water that the stand-in's day would have. */
export function simulatedProbe(atMs: number, position: Position | null): WaterProbe {
  const { day, behave } = standinWishes();
  const place = position ?? { latitudeDeg: 46, longitudeDeg: 0 };
  const truth = {
    waterC: standinWaterC(atMs, place, day),
    airC: standinHour(atMs, place, day).airC,
    seed: `probe ${Math.floor(atMs / 60_000)}`,
  };
  return standinProbe(truth, behave, {
    wait: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
    every: (ms, tick) => {
      const ticking = setInterval(tick, ms);
      return () => clearInterval(ticking);
    },
  });
}
