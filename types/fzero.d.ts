/** Alefeld–Potra–Shi, ACM algorithm 748, in decimal arithmetic: numbers go in and out as strings. */
declare module 'fzero' {
  export default function fzero(
    f: (x: string) => string,
    bracket: readonly [number, number],
  ): { readonly solution: string };
}
