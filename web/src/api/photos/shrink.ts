export type Shrunk = { blob: Blob; takenAt?: string }

const PATIENCE_MS = 60_000

/**
 * A photo made small enough to send, in a thread of its own. What this browser cannot read stays as it is: the server then makes it
 * smaller, or says why it cannot.
 */
export function shrink(file: Blob): Promise<Shrunk> {
  if (!file.type.startsWith('image/') || typeof Worker === 'undefined' || typeof OffscreenCanvas === 'undefined')
    return Promise.resolve({ blob: file })
  return new Promise((done) => {
    const worker = new Worker(new URL('./shrink.worker.ts', import.meta.url), { type: 'module' })
    const end = (shrunk?: Shrunk) => {
      clearTimeout(patience)
      worker.terminate()
      done(shrunk ?? { blob: file })
    }
    const patience = setTimeout(end, PATIENCE_MS)
    worker.onmessage = (answer: MessageEvent<Shrunk | undefined>) => end(answer.data)
    worker.onerror = () => end()
    worker.postMessage(file)
  })
}
