window.moved = 0
new PerformanceObserver((list) => {
  for (const shift of list.getEntries()) if (!shift.hadRecentInput) window.moved += shift.value
}).observe({ type: 'layout-shift', buffered: true })
