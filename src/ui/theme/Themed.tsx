import { ConfigProvider } from 'antd'
import type { ReactNode } from 'react'
import { antdTheme } from './antdTheme'

/** Around pages that use parts of Ant Design: they wear the house's tokens. Day and the bench do without, and load none of it. */
export const Themed = ({ children }: { children: ReactNode }) => (
  <ConfigProvider theme={antdTheme} wave={{ disabled: true }}>
    {children}
  </ConfigProvider>
)
