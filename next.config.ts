import type { NextConfig } from 'next'

const config: NextConfig = {
  poweredByHeader: false,
  agentRules: false,
  reactStrictMode: true,
  // ./yotrope test checks the types, of the tests too; a user's first start need not wait for that
  typescript: { ignoreBuildErrors: true },
  serverExternalPackages: ['mysql2', 'piscina', 'pino'],
  experimental: { agentUpgrade: false },
} as NextConfig

export default config
