import type { NextConfig } from 'next'

const config: NextConfig = {
  poweredByHeader: false,
  // cli/webWorker.mjs does that, at a quicker level
  compress: false,
  agentRules: false,
  reactStrictMode: true,
  // ./yotrope test checks the types, of the tests too; a user's first start need not wait for that
  typescript: { ignoreBuildErrors: true },
  serverExternalPackages: ['mysql2', 'piscina', 'pino'],
  turbopack: {
    rules: { '**/words/en/**/*.ts': { loaders: ['./cli/messageLoader.cjs'], as: '*.js' } },
    resolveAlias: { 'icu-minify/compile': './src/words/alreadyCompiled.ts' },
  },
  headers: async () => [
    {
      source: '/:path*',
      headers: [
        { key: 'X-Content-Type-Options', value: 'nosniff' },
        { key: 'X-Frame-Options', value: 'DENY' },
        { key: 'Referrer-Policy', value: 'same-origin' },
        { key: 'Permissions-Policy', value: 'camera=(), microphone=(), geolocation=(), payment=()' },
        { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
        { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
      ],
    },
    {
      source: '/api/:path*',
      headers: [{ key: 'Content-Security-Policy', value: "default-src 'none'; frame-ancestors 'none'" }],
    },
  ],
  experimental: { agentUpgrade: false },
} as NextConfig

export default config
