// The interface's tests run without a browser's fonts, locks and channels; what needs them is told there are none.
export {};
