import { type ReactNode } from 'react'
import { FormProvider, useFormContext, type FieldValues, type UseFormReturn } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import type { Problem } from '@/api/client'
import { ProblemAlert } from '../page/Feedback'
import { FieldsOf, useRefusal } from './refusal'

/** Of the button that sends it the other way. */
const ALSO = 'also'

type Sending = { isPending: boolean; error: Problem | null }

/**
 * A form of the garage's: its fields know it by their names. It says what was refused, at the field where the server names one, and sends
 * once.
 *
 * @param label    of the button that sends
 * @param also     a second way to send it; which one was pressed is handed over
 * @param onCancel shown as "not now"; none where the sheet's own button is enough
 * @param aside    one of several on its page, so that its button does not shout
 * @param inRow    its fields and its button stand beside each other
 * @param further  what need not be said; it stands below the button, which then is in sight at once
 */
export function Form<In extends FieldValues, Out>({
  form,
  save,
  onSubmit,
  label,
  also,
  onCancel,
  disabled,
  aside,
  inRow,
  further,
  className = '',
  children,
  ...rest
}: {
  form: UseFormReturn<In, unknown, Out>
  save: Sending
  onSubmit: (values: Out, also: boolean) => void
  label: string
  also?: string | undefined
  onCancel?: () => void
  disabled?: boolean
  aside?: boolean
  inRow?: boolean
  further?: ReactNode
  className?: string
  'aria-label'?: string
  children: ReactNode
}) {
  const { t } = useTranslation()
  const { fields, saidAtField } = useRefusal(form, save.error)
  return (
    <FormProvider {...form}>
      <FieldsOf value={fields}>
        <form
          {...rest}
          className={`${inRow ? 'flex flex-wrap items-end gap-2' : 'grid gap-3'} ${className}`}
          noValidate
          onSubmit={(e) => {
            const pressed = (e.nativeEvent as SubmitEvent).submitter
            void form.handleSubmit((values) => onSubmit(values, pressed?.getAttribute('name') === ALSO))(e)
          }}
        >
          {children}
          {!saidAtField && <ProblemAlert error={save.error} />}
          <div className={further ? 'sticky bottom-2 grid' : 'flex flex-wrap gap-2'}>
            <button
              type="submit"
              className={`btn ${aside ? '' : 'btn-primary'} ${further ? 'btn-lg' : ''}`}
              disabled={disabled || save.isPending}
            >
              {label}
            </button>
            {also && (
              <button type="submit" name={ALSO} className="btn" disabled={disabled || save.isPending}>
                {also}
              </button>
            )}
            {onCancel && (
              <button type="button" className="btn" onClick={onCancel}>
                {t('notNow')}
              </button>
            )}
          </div>
          {further}
        </form>
      </FieldsOf>
    </FormProvider>
  )
}

/** What is wrong with several fields together, or with what is no field. @param of names in the form around it */
export function FormWrong({ of }: { of: string[] }) {
  const { formState } = useFormContext()
  const message = of.map((name) => formState.errors[name]).find((e) => e)
  const text = (message?.root?.message ?? message?.message) as string | undefined
  if (!text) return null
  return (
    <p role="alert" className="font-semibold text-error">
      {text}
    </p>
  )
}
