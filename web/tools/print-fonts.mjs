// The faces of sheets on paper: a printer of PDFs reads one file a weight, not the variable fonts of the pages.
import { copyFileSync, mkdirSync } from 'node:fs';
import { basename } from 'node:path';

const FACES = [
  'commissioner/400Regular/Commissioner_400Regular.ttf',
  'commissioner/700Bold/Commissioner_700Bold.ttf',
  'piazzolla/600SemiBold/Piazzolla_600SemiBold.ttf'
];

mkdirSync('static/fonts', { recursive: true });
for (const face of FACES) copyFileSync(`node_modules/@expo-google-fonts/${face}`, `static/fonts/${basename(face)}`);
