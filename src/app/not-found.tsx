import Link from 'next/link'
import { connection } from 'next/server'
import { Saying } from '@/ui/frame/Saying'

export default async function NotFound() {
  // Its scripts carry the number of this answer, so it is not made beforehand.
  await connection()
  return (
    <main className="kv-page">
      <Saying
        title="Nothing here"
        way={
          <Link className="kv-button" href="/dogs">
            See all dogs
          </Link>
        }
      >
        This dog, booking or visit is not in the book. It may be on another page of this house.
      </Saying>
    </main>
  )
}
