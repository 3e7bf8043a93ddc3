import { useTranslation } from 'react-i18next'
import { plain } from './plain'
import { WhyNot } from './WhyNot'
import type { Seen } from './checkWalk'

const verdicts = ['GOOD', 'DOUBTFUL', 'BAD', 'MISSING'] as const
const unseen = ['COVERED', 'NOT_OPENED', 'NO_REACH', 'NO_CURRENT', 'NOT_ALLOWED'] as const

/** Big answers for one thumb; why not, where it cannot be seen. @param operated something is worked, not looked at */
export function Answers({ operated, busy, onSay }: { operated: boolean; busy: boolean; onSay: (seen: Seen) => void }) {
  const { t } = useTranslation()
  return (
    <>
      <div className="grid grid-cols-2 gap-2">
        {verdicts.map((a) => (
          <button
            key={a}
            type="button"
            className={`btn btn-lg ${a === 'GOOD' ? 'btn-primary' : plain}`}
            disabled={busy}
            onClick={() => onSay(a)}
          >
            {t(`check.${operated ? 'works' : 'seen'}.${a}`)}
          </button>
        ))}
      </div>
      <WhyNot label={t(operated ? 'check.notTried' : 'check.cantSee')} reasons={unseen} busy={busy} onSay={onSay} />
    </>
  )
}
