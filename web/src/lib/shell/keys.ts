/** The keys of the application, place by place, as the list of keys shows them. */
export interface KeyGroup {
  place: string;
  keys: readonly (readonly [keys: string, does: string])[];
}

export const KEYS: readonly KeyGroup[] = [
  {
    place: 'Everywhere',
    keys: [
      ['/', 'find a figure'],
      ['?', 'this list'],
      ['F1', 'what it means: the field with the focus, or what is marked'],
      ['r', 'rehearse what is on the desk or has the focus'],
      ['j', 'jot down what was seen, taught or promised'],
      ['Ctrl+Z', 'undo'],
      ['Ctrl+Shift+Z', 'redo'],
      ['Ctrl+S', 'save a version']
    ]
  },
  {
    place: 'Figures',
    keys: [
      ['n', 'new figure'],
      ['↓ ↑', 'along the list'],
      ['Enter', 'open']
    ]
  },
  {
    place: 'Figure desk',
    keys: [
      ['↓ ↑', 'the same cell of the next or last row'],
      ['Ctrl+Space', 'what could stand in a cell'],
      ['Ctrl+Enter', 'a row after this one'],
      ['Ctrl+Delete', 'take the row out'],
      ['Alt+L', 'type steps as lines'],
      ['Alt+P', 'derive the partner'],
      ['Alt+T', 'timing'],
      ['Alt+F', 'fill turns and alignments'],
      ['Alt+R', 'plain lines to read'],
      ['Alt+1 to 4', 'fold a layer'],
      ['Ctrl+M', 'the next finding']
    ]
  },
  {
    place: 'Routine desk, on the ribbon',
    keys: [
      ['← →', 'along the figures'],
      ['Shift+← →', 'choose several'],
      ['Alt+← →', 'move what is chosen'],
      ['Enter or f', 'what can follow'],
      ['o', 'the same to the other side'],
      ['c', 'take the corner before it'],
      ['Ctrl+A', 'choose all'],
      ['Ctrl+C X V D', 'copy, cut, paste, repeat'],
      ['Delete', 'take out']
    ]
  },
  {
    place: 'Rehearse',
    keys: [
      ['Space', 'dance, pause'],
      ['← →', 'row by row; Page Up and Down too'],
      [', .', 'half a beat'],
      ['[ ]', 'loop from here, to here'],
      ['o', 'loop the figure'],
      ['+ -', 'tempo'],
      ['1 to 7', 'seen from'],
      ['8 or m', 'mirror'],
      ['Shift+arrows', 'turn the eye'],
      ['i u', 'nearer, farther'],
      ['n', 'lines and arcs'],
      ['c', 'count aloud'],
      ['b', 'band'],
      ['k', 'click'],
      ['l', 'log a clean run'],
      ['x', 'log a fault here'],
      ['f', 'full screen']
    ]
  },
  {
    place: 'Class on the floor',
    keys: [
      ['Space', 'begin the round, break off'],
      ['Enter', 'the round is over'],
      ['s', 'the same again, slower'],
      ['Esc', 'on to the next round'],
      ['b c k', 'band, count, click'],
      ['f', 'full screen']
    ]
  },
  { place: 'Song desk', keys: [['t', 'tap the tempo']] }
];
