/** A two-dimensional code, drawn from its rows of dark (1) and light (0). */
export function QrCode({
  modules,
  label,
  className = 'size-64',
}: {
  modules: string[]
  label: string
  className?: string
}) {
  const path = modules.flatMap((row, y) => [...row].map((m, x) => (m === '1' ? `M${x} ${y}h1v1h-1z` : ''))).join('')
  return (
    <svg
      viewBox={`0 0 ${modules.length} ${modules.length}`}
      role="img"
      aria-label={label}
      className={`${className} bg-white`}
      shapeRendering="crispEdges"
    >
      <path d={path} fill="#000" />
    </svg>
  )
}
