declare module 'exifr/dist/mini.esm.mjs' {
  export function parse(
    file: Blob,
    options: { pick: string[]; reviveValues: boolean },
  ): Promise<Record<string, unknown> | undefined>
}
