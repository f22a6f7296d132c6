/** The parts of Khronos' validator that are used here. */
declare module 'gltf-validator' {
  interface Report {
    readonly issues: { readonly numErrors: number }
    readonly info: { readonly totalTriangleCount: number }
  }
  const validator: { validateBytes(bytes: Uint8Array): Promise<Report> }
  export default validator
}
