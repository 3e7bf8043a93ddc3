import { useRef } from 'react'
import { Camera } from 'lucide-react'

/** Chooses a photo or receipt: from the camera on a phone, from a file at the desk. Phones turn their own formats into JPEG for it. */
export function PhotoButton({
  label,
  onFile,
  busy,
  receipts,
}: {
  label: string
  onFile: (file: File) => void
  busy?: boolean
  receipts?: boolean
}) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <button type="button" className="btn" disabled={busy} onClick={() => input.current?.click()}>
        <Camera className="size-5" aria-hidden="true" />
        {label}
      </button>
      <input
        ref={input}
        type="file"
        hidden
        multiple
        aria-label={label}
        accept={receipts ? 'image/jpeg,image/png,application/pdf' : 'image/jpeg,image/png'}
        onChange={(e) => {
          const files = [...(e.target.files ?? [])]
          e.target.value = ''
          files.forEach(onFile)
        }}
      />
    </>
  )
}
