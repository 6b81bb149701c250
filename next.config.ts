import type { NextConfig } from 'next'
import { SAFE_HEADERS } from './src/core/door/safeHeaders'

const config: NextConfig = {
  poweredByHeader: false,
  // Served on this machine alone: squeezing a page costs more than it saves (10 to 20 ms of about 100).
  compress: false,
  reactStrictMode: true,
  serverExternalPackages: ['sequelize', 'mariadb', 'umzug', 'sharp'],
  // A little more than the largest body that is taken, so that a larger one is told from one that was cut off here.
  experimental: { proxyClientMaxBodySize: 4_000_000 },
  headers: async () => [
    { source: '/:path*', headers: Object.entries(SAFE_HEADERS).map(([key, value]) => ({ key, value })) },
  ],
}

export default config
