import { houseCertificate } from '@/service/who/shared'

export const dynamic = 'force-dynamic'

/** The certificate that a device has to trust, also before it is let in: it says who this house is, and nothing of it. */
export function GET(): Response {
  const certificate = houseCertificate()
  if (certificate === null) return new Response('This house does not share.', { status: 404 })
  return new Response(certificate, {
    headers: {
      'Content-Type': 'application/x-x509-ca-cert',
      'Content-Disposition': 'attachment; filename="kovit-house.crt"',
    },
  })
}
