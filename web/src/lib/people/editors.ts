import type { Editor } from '$lib/editing/editor.svelte';

export type CoupleEditor = Editor<'couple'>;
export type GroupEditor = Editor<'group'>;
