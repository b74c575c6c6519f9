import { readWeightMeasurement } from './weightMeasurement';

const bytes = (...b: number[]): DataView => new DataView(new Uint8Array(b).buffer);

describe('the Weight Measurement characteristic, 0x2A9D', () => {
  // Bluetooth SIG, Weight Scale Service: bit 0 of the flags is the unit, the weight follows little endian.
  test.each([
    ['0.250 kg is 50 steps of 5 g', bytes(0x00, 50, 0), 250],
    ['1.000 kg', bytes(0x00, 200, 0), 1000],
    ['2.560 kg, both bytes', bytes(0x00, 0x00, 0x02), 2560],
    ['1.00 lb is 100 steps of a hundredth', bytes(0x01, 100, 0), 453.59237],
    ['with a time stamp and a user behind it', bytes(0x06, 50, 0, 0xea, 0x07, 11, 25, 9, 0, 0, 1), 250],
  ])('%s', (_, value, massG) => expect(readWeightMeasurement(value)?.massG).toBeCloseTo(massG, 6));

  test('unsuccessful, or cut short, is no weight', () => {
    expect(readWeightMeasurement(bytes(0x00, 0xff, 0xff))).toBeNull();
    expect(readWeightMeasurement(bytes(0x00, 50))).toBeNull();
  });
});
