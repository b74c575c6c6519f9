import { configure } from '@testing-library/react-native';

/** A machine at work may be slow; what never comes still fails, within Jest's own time for a test. */
configure({ asyncUtilTimeout: 25_000 });
