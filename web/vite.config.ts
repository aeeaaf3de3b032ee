import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'
import { figuresPage } from './figuresPage.ts'

const server = process.env.IMPENDIUM_SERVER ?? 'http://127.0.0.1:8480'

export default defineConfig({
  plugins: [react(), tailwindcss(), figuresPage()],
  // Emptied at each build: what an earlier one left would ship with the application.
  build: {
    outDir: 'target/classes/static',
    emptyOutDir: true,
    target: 'es2022',
    chunkSizeWarningLimit: 700,
    // One page for advisors, and one for the clients whom they send a link to.
    rolldownOptions: { input: ['index.html', 'client.html'] },
  },
  server: {
    host: '127.0.0.1',
    port: 8470,
    proxy: {
      '/api': server,
      '/actuator': server,
      '/client-page': { target: server, bypass: () => '/client.html' },
    },
  },
  test: {
    environment: 'jsdom',
    // A browser of its own for each file would take ten times as long; the tests clean up after themselves.
    pool: 'threads',
    isolate: false,
    setupFiles: 'src/test/setup.ts',
    css: { include: /raw$/ },
    reporters: ['default', ['junit', { outputFile: 'target/vitest.xml' }]],
  },
})
