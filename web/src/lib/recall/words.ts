/** Kinds of question as they are named, in the order of a chart. */
export const KINDS: Record<string, string> = {
  alignment: 'Alignment',
  turn: 'Amount of turn',
  footwork: 'Footwork',
  step: 'Step',
  timing: 'Count',
  position: 'Position',
  follows: 'What follows'
};

/** As they are asked. */
export const ASKED: Record<string, string> = {
  alignment: 'Which alignment?',
  turn: 'How much turn?',
  footwork: 'Which footwork?',
  step: 'Where does the foot go?',
  timing: 'How is it counted?',
  position: 'Which position is taken?',
  follows: 'Which of these may follow?'
};
