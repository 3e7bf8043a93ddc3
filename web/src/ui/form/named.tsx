import { useId, type ReactNode } from 'react'
import { get, useController, useFormContext, useWatch } from 'react-hook-form'
import { useAmountProblem } from '../format/money'
import { Choice, NoteField, TextField } from './Field'
import { useSaysWhatIsWrong } from './refusal'

/** Times in the garage go by quarters of an hour. */
const QUARTER_OF_AN_HOUR_SECONDS = 900

type Named = { name: string; label: string; hint?: ReactNode }

/**
 * What is wrong with a field of the form around it, once somebody left it or tried to send it. Not before: what is wrong with a field of a
 * row nobody has been in yet would be said with its neighbour, and go when it is left, moving the button from under the press.
 */
function useWrong(name: string): string | undefined {
  const { formState } = useFormContext()
  useSaysWhatIsWrong(name)
  if (!get(formState.touchedFields, name) && formState.submitCount === 0) return undefined
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
  min,
  ...rest
}: Named & {
  min?: string
  max?: string
  readOnly?: boolean
  type?: 'date' | 'time' | 'password'
  maxLength?: number
  inputMode?: 'numeric' | 'decimal'
  autoComplete?: string
  autoCapitalize?: string
  known?: string[]
}) {
  const { register } = useFormContext()
  const list = useId()
  const kind = type
    ? { type, min, max, ...(type === 'time' && { step: QUARTER_OF_AN_HOUR_SECONDS }) }
    : { maxLength, inputMode }
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
export function Tick({ name, label, disabled }: Named & { disabled?: boolean }) {
  const { field } = useController({ name })
  return (
    <label className="flex min-h-11 items-center gap-2">
      <input
        type="checkbox"
        className="checkbox"
        {...field}
        value=""
        checked={Boolean(field.value) && !disabled}
        disabled={disabled}
        onChange={(e) => field.onChange(e.target.checked)}
      />
      {label}
    </label>
  )
}

/** Some of several, each ticked by itself. */
export function Ticks<V extends string>({
  name,
  label,
  of,
  say,
  className = '',
}: Named & { of: readonly V[]; say: (value: V) => ReactNode; className?: string }) {
  const { field } = useController({ name })
  const ticked = field.value as readonly V[]
  return (
    <fieldset>
      <legend className="mb-1 text-sm font-semibold">{label}</legend>
      <div className={className}>
        {of.map((one) => (
          <label key={one} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={ticked.includes(one)}
              onBlur={field.onBlur}
              onChange={(e) => field.onChange(of.filter((o) => (o === one ? e.target.checked : ticked.includes(o))))}
            />
            {say(one)}
          </label>
        ))}
      </div>
    </fieldset>
  )
}

/** One of several, all of them in sight. */
export function Radios<V extends string>({
  name,
  label,
  of,
  say,
  onChosen,
}: Named & { of: readonly V[]; say: (value: V) => ReactNode; onChosen?: (value: V) => void }) {
  const { field } = useController({ name })
  return (
    <fieldset className="grid gap-1">
      <legend className="mb-1 font-semibold">{label}</legend>
      {of.map((one) => (
        <label key={one} className="flex min-h-11 items-center gap-3">
          <input
            type="radio"
            className="radio"
            name={name}
            checked={field.value === one}
            onBlur={field.onBlur}
            onChange={() => {
              field.onChange(one)
              onChosen?.(one)
            }}
          />
          {say(one)}
        </label>
      ))}
    </fieldset>
  )
}
