import { parse } from 'exifr/dist/mini.esm.mjs'
import type { Shrunk } from './shrink'

/** What the server keeps: more is never shown. */
const LARGEST_SIDE = 2560
/** Small print on a receipt stays legible. */
const QUALITY = 0.88

/** Turned upright, made smaller, written as JPEG; a picture that is small already only if it is no JPEG. */
async function shrink(file: Blob): Promise<Shrunk> {
  const takenAt = await timeOf(file)
  const upright = await createImageBitmap(file, { imageOrientation: 'from-image' })
  const scale = Math.min(1, LARGEST_SIDE / Math.max(upright.width, upright.height))
  if (scale === 1 && file.type === 'image/jpeg') return { blob: file, ...takenAt }
  const width = Math.max(1, Math.round(upright.width * scale))
  const height = Math.max(1, Math.round(upright.height * scale))
  const canvas = new OffscreenCanvas(width, height)
  const context = canvas.getContext('2d')!
  context.fillStyle = '#fff' // what was transparent
  context.fillRect(0, 0, width, height)
  context.imageSmoothingQuality = 'high'
  context.drawImage(upright, 0, 0, width, height)
  upright.close()
  return { blob: await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY }), ...takenAt }
}

/** When the camera says that it was taken: a day and a time without a zone, as cameras have them. */
async function timeOf(file: Blob): Promise<{ takenAt?: string }> {
  const exif = await parse(file, { pick: ['DateTimeOriginal'], reviveValues: false }).catch(() => undefined)
  const found = /^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)/.exec(String(exif?.DateTimeOriginal ?? ''))
  return found ? { takenAt: `${found[1]}-${found[2]}-${found[3]}T${found[4]}` } : {}
}

addEventListener('message', (asked: MessageEvent<Blob>) => {
  shrink(asked.data).then(
    (shrunk) => postMessage(shrunk),
    () => postMessage(undefined),
  )
})
