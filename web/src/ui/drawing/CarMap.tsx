import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Face, UnrolledCar, type Body } from './CarDrawing'

type Props = Parameters<typeof UnrolledCar>[0]

/** The vehicle to press on: unrolled where there is room, face by face on a phone; its places as words below. */
export function CarMap(props: Props) {
  return (
    <>
      <div className="hidden md:block">
        <UnrolledCar {...props} />
        <ZoneList {...props} views={props.body.views} />
      </div>
      <div className="md:hidden">
        <OneFace {...props} />
      </div>
    </>
  )
}

/** On a phone: one face at a time, in walking order. */
function OneFace(props: Props) {
  const { t } = useTranslation()
  const order = ['front', 'left', 'rear', 'right', 'top', 'engine', 'cabin', 'under']
  const views = [...props.body.views].sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id))
  const ofSelected = props.body.zones.find((z) => z.id === props.selected)?.view
  const [chosen, setChosen] = useState(ofSelected ?? 'left')
  const view = views.find((v) => v.id === chosen) ?? views[0]!
  return (
    <div>
      <div role="group" aria-label={t('drawing.faces')} className="-mx-4 flex gap-1 overflow-x-auto px-4 pb-2">
        {views.map((v) => (
          <button
            key={v.id}
            type="button"
            aria-pressed={v.id === view.id}
            className={`btn shrink-0 ${v.id === view.id ? 'btn-primary' : ''}`}
            onClick={() => setChosen(v.id)}
          >
            {v.name}
          </button>
        ))}
      </div>
      <Face {...props} view={view} />
      <ZoneList {...props} views={[view]} />
    </div>
  )
}

/** The same places as words: for the keyboard, for small places, and for those who do not see the drawing. */
function ZoneList({ body, views, nameOf, onPress }: Props & { views: Body['views'] }) {
  const { t } = useTranslation()
  return (
    <details className="mt-2">
      <summary className="cursor-pointer py-2 font-semibold">{t('drawing.zoneList')}</summary>
      {views.map((view) => (
        <div key={view.id} className="mb-2">
          <h3 className="quiet text-sm">{view.name}</h3>
          <ul className="flex flex-wrap gap-1">
            {body.zones
              .filter((z) => z.view === view.id)
              .map((z) => (
                <li key={z.id}>
                  <button type="button" className="btn font-normal" onClick={() => onPress(z.id)}>
                    {nameOf(z.id)}
                  </button>
                </li>
              ))}
          </ul>
        </div>
      ))}
    </details>
  )
}
