import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { fileURLToPath } from 'node:url';
import { viteSingleFile } from 'vite-plugin-singlefile';
import { defineConfig } from 'vite';

/** The practice card: the player in one file, which the server fills with what is practised. */
export default defineConfig({
  plugins: [tailwindcss(), svelte({ configFile: false }), viteSingleFile()],
  publicDir: false,
  resolve: { alias: { $lib: fileURLToPath(new URL('src/lib', import.meta.url)) } },
  build: { outDir: 'build', emptyOutDir: false, rollupOptions: { input: 'card.html' } }
});
