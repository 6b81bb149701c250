import { useEffect } from 'react'
import { lookAt } from '../device/kept'
import { hearTabs } from '../device/oneSender'
import { visitOf, type BenchKey } from '../device/store'

const RETRY_MS = 3000

/** When to send: at once, when the server has news, when the network is back, and now and then while something waits. */
export function useCalls(bench: BenchKey, look: () => Promise<void>, sync: () => Promise<void>): void {
  useEffect(() => {
    void sync()
    const quiet = hearTabs((other) => {
      if (other === bench) void look()
    })
    const tryAgain = async () => {
      const { waiting } = await lookAt(bench)
      if (waiting.length > 0) await sync()
    }
    const retry = setInterval(() => void tryAgain(), RETRY_MS)
    const online = () => void sync()
    window.addEventListener('online', online)
    const hush = hearServer(visitOf(bench), () => void sync())
    return () => {
      quiet()
      clearInterval(retry)
      window.removeEventListener('online', online)
      hush()
    }
  }, [bench, look, sync])
}

/** Listens to the server's news of a visit; a line that the server closed for good is laid anew. */
function hearServer(visitId: number | null, heard: () => void): () => void {
  if (visitId === null) return () => {}
  let news: EventSource | null = null
  const lay = () => {
    news = new EventSource(`/visits/${visitId}/news`)
    news.addEventListener('news', heard)
  }
  lay()
  const again = setInterval(() => news?.readyState === EventSource.CLOSED && lay(), RETRY_MS)
  return () => {
    clearInterval(again)
    news?.close()
  }
}
