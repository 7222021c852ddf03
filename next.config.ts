import type { NextConfig } from 'next'

const config: NextConfig = {
  poweredByHeader: false,
  agentRules: false,
  reactStrictMode: true,
  serverExternalPackages: ['mysql2'],
  experimental: { agentUpgrade: false },
} as NextConfig

export default config
