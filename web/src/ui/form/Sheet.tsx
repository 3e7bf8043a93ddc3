import { useEffect, useLayoutEffect, useRef, type ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { useLocation } from 'react-router'
import { X } from 'lucide-react'
import { Offline } from '../page/Offline'
import { keepDraft } from './draft/sheetDraft'
import { useSettled } from './draft/useSettled'

/** A panel beside the page (below it on a phone) for one thing; Escape and the button close it, focus returns to where it was. */
export function Sheet({
  title,
  onClose,
  children,
  wide,
}: {
  title: string
  onClose: () => void
  children: ReactNode
  wide?: boolean
}) {
  const dialog = useRef<HTMLDialogElement>(null)
  const { t } = useTranslation()
  const { pathname, search } = useLocation()
  const settled = useSettled()
  const name = `${pathname}${search} ${title}`
  useEffect(() => keepDraft(dialog.current!, name), [name])
  // with the paint that shows or takes the sheet: later, it would snatch the focus from where somebody types already
  useLayoutEffect(() => {
    const before = document.activeElement
    const element = dialog.current
    if (element && !element.open) element.showModal()
    return () => {
      if (before instanceof HTMLElement || before instanceof SVGElement) before.focus()
    }
  }, [])
  return (
    <dialog
      ref={dialog}
      aria-label={title}
      className={`m-0 mt-auto max-h-[92dvh] w-full max-w-none overflow-y-auto rounded-t-lg bg-base-100 p-0 text-base-content backdrop:bg-black/45 md:ml-auto md:mt-0 md:h-dvh md:max-h-dvh md:rounded-none ${wide ? 'md:w-[46rem]' : 'md:w-[30rem]'}`}
      onCancel={(e) => {
        e.preventDefault()
        onClose()
      }}
      onMouseDown={(e) => {
        if (e.target === dialog.current) onClose()
      }}
    >
      <div className="sticky top-0 z-10 flex items-center gap-2 border-b border-base-300 bg-base-100 py-2 pl-4 pr-2">
        <h2 className="grow text-lg font-semibold">{title}</h2>
        <button type="button" className="btn btn-square btn-ghost" aria-label={t('close')} onClick={onClose}>
          <X aria-hidden="true" />
        </button>
      </div>
      <Offline />
      {!settled && <span className="loading loading-spinner absolute m-6" aria-hidden="true" />}
      <div className={`p-4 pb-8 ${settled ? '' : 'invisible'}`} inert={!settled}>
        {children}
      </div>
    </dialog>
  )
}
