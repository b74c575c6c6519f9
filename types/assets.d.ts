/** An asset the bundler copies: on the web, its address. */
declare module '*.woff' {
  const asset: string | number | { readonly uri: string };
  export default asset;
}
