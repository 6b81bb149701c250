import type { ThemeConfig } from 'antd'

/** Ant Design wears the tape-and-pattern tokens; the values stand in tokens.css. Its rules are written at build time. */
export const antdTheme: ThemeConfig = {
  zeroRuntime: true,
  hashed: false,
  cssVar: { key: 'kv-antd' },
  token: {
    borderRadius: 3,
    boxShadow: 'none',
    boxShadowSecondary: '0 0 0 1px #B9A77A',
    colorPrimary: '#0B5A61',
    colorBgBase: '#F5F0E4',
    colorBgContainer: '#FCFAF4',
    colorBgElevated: '#FCFAF4',
    colorTextBase: '#221F1A',
    colorTextPlaceholder: '#6A6353',
    colorBorder: '#B9A77A',
    colorError: '#A1351D',
    colorWarning: '#7A4E00',
    fontSize: 14,
    controlHeight: 44,
    fontFamily: 'var(--kv-font)',
    motion: false,
  },
}
