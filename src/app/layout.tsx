import '@fontsource-variable/atkinson-hyperlegible-next/index.css'
import '@fontsource-variable/atkinson-hyperlegible-mono/index.css'
import { ConfigProvider } from 'antd'
import type { Metadata, Viewport } from 'next'
import type { ReactNode } from 'react'
import { Worker } from '@/ui/device/Worker'
import { antdTheme } from '@/ui/theme/antdTheme'
import '@/ui/theme/antd.generated.css'
import '@/ui/theme/base.css'

export const metadata: Metadata = {
  title: { default: 'Kovit', template: '%s · Kovit' },
  description: "Plans, times and records every stage of a dog's full groom.",
}

export const viewport: Viewport = { width: 'device-width', initialScale: 1 }

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <body>
        <ConfigProvider theme={antdTheme} wave={{ disabled: true }}>
          {children}
          <Worker />
        </ConfigProvider>
      </body>
    </html>
  )
}
