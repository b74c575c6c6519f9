/** An asset the bundler copies: on the web, its address. */
declare module '*.woff2' {
  const asset: string | number | { readonly uri: string };
  export default asset;
}

/** The same in the older wrapping, which a PDF can take in. */
declare module '*.woff' {
  const asset: string | number | { readonly uri: string };
  export default asset;
}
