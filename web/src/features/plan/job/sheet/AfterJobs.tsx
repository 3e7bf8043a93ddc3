import { useTranslation } from 'react-i18next'
import { useFormContext } from 'react-hook-form'
import type { Job } from '../jobWork'

/** Which of the other jobs come before this one; kept in the form's `after`. */
export function AfterJobs({ others }: { others: Job[] }) {
  const { t } = useTranslation()
  const { register } = useFormContext()
  return (
    <fieldset>
      <legend className="mb-1 text-sm font-semibold">{t('job.after')}</legend>
      <ul className="max-h-52 overflow-y-auto rounded border border-base-300 p-1">
        {others.map((j) => (
          <li key={j.id}>
            <label className="flex min-h-11 items-center gap-2 px-1">
              <input type="checkbox" className="checkbox" value={j.id} {...register('after')} />
              <span className="label-code text-sm">{j.code}</span> {j.title}
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  )
}
