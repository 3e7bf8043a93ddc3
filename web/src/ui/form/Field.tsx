import {
  useId,
  type InputHTMLAttributes,
  type ReactNode,
  type SelectHTMLAttributes,
  type TextareaHTMLAttributes,
} from 'react'

type Common = { label: string; hint?: ReactNode; error?: string | undefined }

function Frame({ id, label, hint, error, children }: Common & { id: string; children: ReactNode }) {
  return (
    <div className="grid content-start gap-1">
      <label htmlFor={id} className="text-sm font-semibold">
        {label}
      </label>
      {children}
      {hint && <p className="quiet text-sm">{hint}</p>}
      {error && (
        <p id={`${id}-error`} className="text-sm font-semibold text-error">
          {error}
        </p>
      )}
    </div>
  )
}

const described = (id: string, error?: string) =>
  error ? { 'aria-invalid': true, 'aria-describedby': `${id}-error` } : {}

export function TextField({
  label,
  hint,
  error,
  ...input
}: Common & InputHTMLAttributes<HTMLInputElement> & { ref?: React.Ref<HTMLInputElement> }) {
  const id = useId()
  return (
    <Frame id={id} label={label} hint={hint} error={error}>
      <input id={id} className="input w-full" {...described(id, error)} {...input} />
    </Frame>
  )
}

export function NoteField({
  label,
  hint,
  error,
  ...area
}: Common & TextareaHTMLAttributes<HTMLTextAreaElement> & { ref?: React.Ref<HTMLTextAreaElement> }) {
  const id = useId()
  return (
    <Frame id={id} label={label} hint={hint} error={error}>
      <textarea id={id} className="textarea w-full" rows={3} {...described(id, error)} {...area} />
    </Frame>
  )
}

export function Choice({
  label,
  hint,
  error,
  children,
  ...select
}: Common & SelectHTMLAttributes<HTMLSelectElement> & { ref?: React.Ref<HTMLSelectElement> }) {
  const id = useId()
  return (
    <Frame id={id} label={label} hint={hint} error={error}>
      <select id={id} className="select w-full truncate" {...described(id, error)} {...select}>
        {children}
      </select>
    </Frame>
  )
}
