import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [react(), tailwindcss()],
  server: { proxy: { '/api': { target: `http://127.0.0.1:${process.env.YARD_PORT ?? 8140}` } } },
  test: { include: ['test/**/*.test.ts'], environment: 'jsdom', environmentOptions: { jsdom: { url: 'http://yard.test/' } } },
  build: {
    assetsInlineLimit: 0,
    rolldownOptions: {
      output: { codeSplitting: { groups: [{ name: 'vendor', test: /node_modules/ }] } },
    },
  },
})
