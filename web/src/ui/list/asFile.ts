/** The body is the file itself, as it is. */
export const asFile = (file: Blob, headers: Record<string, string> = {}) => ({
  body: file as never,
  bodySerializer: (body: unknown) => body as Blob,
  headers: { ...headers, 'Content-Type': 'application/octet-stream' },
})
