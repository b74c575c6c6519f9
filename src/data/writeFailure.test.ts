import { NewerDataError } from './opening/head';
import { writeErrorCode, writeFailureText } from './writeFailure';

test.each([
  [new DOMException('The quota has been exceeded.', 'QuotaExceededError'), 'no-room'],
  [new Error('Transaction aborted', { cause: new DOMException('', 'QuotaExceededError') }), 'no-room'],
  [new NewerDataError(9), 'newer-data'],
  [new Error('Something else'), 'unknown'],
] as const)('%s has a code of its own', (error, code) => {
  expect(writeErrorCode(error as Error)).toBe(code);
});

test('what failed, why, what is safe, what to do', () => {
  expect(writeFailureText(new Error('The lock was lost'), { failed: 'Not started' })).toBe(
    'Not started: The lock was lost. Try again.',
  );
  expect(writeFailureText(new NewerDataError(9), { kept: 'The text is still here.' })).toBe(
    'Not saved: This home was last opened with a newer Biscuit. Update this one; nothing here has been touched. The text is still here.',
  );
});
