import { useId, type ReactNode } from 'react'
import { get, useController, useFormContext, useWatch } from 'react-hook-form'
import { useAmountProblem } from '../format/money'
import { Choice, NoteField, TextField } from './Field'

type Named = { name: string; label: string; hint?: ReactNode }

/** What is wrong with a field of the form around it, once somebody tried to send it. */
function useWrong(name: string): string | undefined {
  const { formState } = useFormContext()
  return (get(formState.errors, name) as { message?: string } | undefined)?.message
}

/** A line of text in the form around it. @param known what may be meant, offered while it is typed */
export function Line({
  name,
  type,
  maxLength = 120,
  inputMode,
  known,
  max,
  ...rest
}: Named & {
  max?: string
  type?: 'date' | 'time'
  maxLength?: number
  inputMode?: 'numeric' | 'decimal'
  known?: string[]
}) {
  const { register } = useFormContext()
  const list = useId()
  const kind = type ? { type, max } : { maxLength, inputMode }
  return (
    <>
      <TextField {...rest} {...kind} {...(known && { list })} error={useWrong(name)} {...register(name)} />
      {known && (
        <datalist id={list}>
          {[...new Set(known)].map((k) => (
            <option key={k} value={k} />
          ))}
        </datalist>
      )}
    </>
  )
}

/** A whole number, or one with decimals: with a point or a comma. */
export const Whole = (field: Named) => <Line {...field} inputMode="numeric" />
export const Decimal = (field: Named) => <Line {...field} inputMode="decimal" />

/** An amount in a currency; what could be read in two ways is said while it is typed. */
export function Amount({ name, currency, ...rest }: Named & { currency: string }) {
  const { register } = useFormContext()
  const problem = useAmountProblem()
  const typed = String(useWatch({ name }) ?? '')
  const wrong = useWrong(name)
  const atOnce = typed.trim() === '' ? undefined : problem(typed, currency)
  return <TextField {...rest} inputMode="decimal" error={atOnce ?? wrong} {...register(name)} />
}

/** Several lines of text. */
export function Note({ name, rows = 3, maxLength = 4000, ...rest }: Named & { rows?: number; maxLength?: number }) {
  const { register } = useFormContext()
  return <NoteField {...rest} rows={rows} maxLength={maxLength} error={useWrong(name)} {...register(name)} />
}

/** One of several, each with its words; what can be chosen may come later. @param none what nothing is called */
export function Pick<V extends string>({
  name,
  of,
  say,
  none,
  onChosen,
  ...rest
}: Named & { of: readonly V[]; say: (value: V) => string; none?: string; onChosen?: (value: V) => void }) {
  const { field } = useController({ name })
  return (
    <Choice
      {...rest}
      {...field}
      error={useWrong(name)}
      onChange={(e) => {
        field.onChange(e)
        onChosen?.(e.target.value as V)
      }}
    >
      {none !== undefined && <option value="">{none}</option>}
      {of.map((value) => (
        <option key={value} value={value}>
          {say(value)}
        </option>
      ))}
    </Choice>
  )
}

/** Yes or no. */
export function Tick({ name, label }: Named) {
  const { register } = useFormContext()
  return (
    <label className="flex min-h-11 items-center gap-2">
      <input type="checkbox" className="checkbox" {...register(name)} />
      {label}
    </label>
  )
}
