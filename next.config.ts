import type { NextConfig } from 'next'

const config: NextConfig = {
  poweredByHeader: false,
  // Served on this machine alone: squeezing a page costs more than it saves (10 to 20 ms of about 100).
  compress: false,
  reactStrictMode: true,
  serverExternalPackages: ['sequelize', 'mariadb', 'umzug', 'sharp'],
  // A little more than the largest body that is taken, so that a larger one is told from one that was cut off here.
  experimental: { proxyClientMaxBodySize: 4_000_000 },
  headers: async () => [
    {
      source: '/:path*',
      headers: [
        { key: 'X-Content-Type-Options', value: 'nosniff' },
        { key: 'Referrer-Policy', value: 'same-origin' },
        { key: 'X-Frame-Options', value: 'DENY' },
        { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
        // With it a page shares memory with its worker: a search can be told to stop.
        { key: 'Cross-Origin-Embedder-Policy', value: 'require-corp' },
        { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
        { key: 'Permissions-Policy', value: 'camera=(self), microphone=(), geolocation=(), payment=(), usb=()' },
      ],
    },
  ],
}

export default config
