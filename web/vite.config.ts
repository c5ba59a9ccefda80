import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

const SERVER = 'http://127.0.0.1:8420';

export default defineConfig({
  plugins: [tailwindcss(), sveltekit()],
  // The server answers its own pages only, so the page under development has to look like one.
  server: { proxy: { '/api': { target: SERVER, changeOrigin: true, headers: { origin: SERVER } } } },
  // Tests run what the browser runs, not what a server would draw pages with.
  ...(process.env.VITEST && { resolve: { conditions: ['browser'] } }),
  // Only a few need a page, which takes longer to make than they take.
  test: { environment: 'node', include: ['src/**/*.test.ts'] }
});
