/** What "what if?" asks for. */
export { amountNumber, whatIf, whatIfAt, withAmount, type WhatIfPoint } from '../evaluation/whatIf';
