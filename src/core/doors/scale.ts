/** What a kitchen scale asks for. */
export { readWeightMeasurement, WEIGHT_MEASUREMENT, WEIGHT_SCALE_SERVICE } from '../quantity/weightMeasurement';
