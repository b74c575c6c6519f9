/** Control characters but tab and line ends, and what XML may not hold. */
// eslint-disable-next-line no-control-regex
const NOT_TEXT = /[\u0000-\u0008\u000B\u000C\u000E-\u001F\u007F-\u009F\uFFFE\uFFFF]/g;
const LONE_SURROGATE = /[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g;

/** A text that any page, label and file can hold: control characters left out, halves of characters as U+FFFD. */
export const wellFormed = (text: string): string => text.replace(NOT_TEXT, '').replace(LONE_SURROGATE, '\uFFFD');
