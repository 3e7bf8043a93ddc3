/** Short words about what was just done, each perhaps with the change that can be taken back. */
export type Notice = { id: number; text: string; undo?: string; bad?: boolean }

let notices: Notice[] = []
let next = 1
const listeners = new Set<() => void>()

function set(changed: Notice[]) {
  notices = changed
  listeners.forEach((listen) => listen())
}

const shownMilliseconds = 12_000

/** Says one thing at a time, for a while; taking back stays possible in the garage's list of last changes. */
export function announce(notice: Omit<Notice, 'id'>) {
  const id = next++
  set([{ ...notice, id }])
  setTimeout(() => dismiss(id), shownMilliseconds)
}

export function dismiss(id: number) {
  set(notices.filter((n) => n.id !== id))
}

export const noticeStore = {
  subscribe(listen: () => void) {
    listeners.add(listen)
    return () => listeners.delete(listen)
  },
  get: () => notices,
}
