import './card.css';
import { mount } from 'svelte';
import Card from './Card.svelte';
import { unpack } from '$lib/card/payload';

const target = document.getElementById('card');
const packed = document.getElementById('payload')?.textContent ?? '';

if (target) {
  unpack(packed).then(
    (payload) => {
      document.title = payload.title;
      mount(Card, { target, props: { payload } });
    },
    () => {
      target.textContent = 'This card cannot be opened: its file is damaged, or the browser is too old.';
    }
  );
}
