export { SafetyScreen } from './SafetyScreen';
