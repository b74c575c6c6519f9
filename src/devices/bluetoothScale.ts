import { readWeightMeasurement, WEIGHT_MEASUREMENT, WEIGHT_SCALE_SERVICE } from '@/core/doors/scale';
import type { KitchenScale, ScaleReading } from './scale';

/** True if this browser can speak to a scale at all. */
export const hasBluetooth = (): boolean => typeof navigator !== 'undefined' && 'bluetooth' in navigator;

/** A real scale over the public Weight Scale profile, by Web Bluetooth. The browser asks the person which one. */
export function bluetoothScale(): KitchenScale {
  const listeners = new Set<(reading: ScaleReading) => void>();
  let device: BluetoothDevice | null = null;
  const heard = (event: Event): void => {
    const bytes = (event.target as BluetoothRemoteGATTCharacteristic | null)?.value;
    const read = bytes && readWeightMeasurement(bytes);
    if (read) listeners.forEach((listener) => listener(read));
  };
  return {
    get name() {
      return device?.name ?? 'Bluetooth scale';
    },
    connect: async () => {
      if (!hasBluetooth())
        throw new Error('This browser has no Bluetooth. Pour by the marks, or weigh and type the grams.');
      device = await navigator.bluetooth.requestDevice({ filters: [{ services: [WEIGHT_SCALE_SERVICE] }] });
      const server = await device.gatt?.connect();
      const service = await server?.getPrimaryService(WEIGHT_SCALE_SERVICE);
      const weight = await service?.getCharacteristic(WEIGHT_MEASUREMENT);
      if (!weight)
        throw new Error('This scale does not say its weight by the public profile. Weigh and type the grams.');
      weight.addEventListener('characteristicvaluechanged', heard);
      await weight.startNotifications();
    },
    listen: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    disconnect: () => device?.gatt?.disconnect(),
  };
}
