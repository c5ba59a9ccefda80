// @vitest-environment jsdom
import { beforeEach, describe, expect, it } from 'vitest';
import { Settings } from './settings.svelte';

describe('the words for the roles', () => {
  beforeEach(() => localStorage.clear());

  it('fills the placeholders of a sentence as the reader says', () => {
    const settings = new Settings();
    const told = "The {man}'s body faces the wall, which has the {lady} 1/4 clockwise of {his}; {x} stays.";
    expect(settings.say(told)).toBe(
      "The man's body faces the wall, which has the lady 1/4 clockwise of his; {x} stays."
    );
    settings.prefer({ wording: 'leader-follower' });
    expect(settings.say(told)).toBe(
      "The leader's body faces the wall, which has the follower 1/4 clockwise of the leader's; {x} stays."
    );
  });

  it('leaves what a coach has written as it was written', () => {
    const settings = new Settings();
    settings.prefer({ wording: 'leader-follower' });
    expect(settings.tell('He waits for the lady.', true)).toBe('He waits for the lady.');
    expect(settings.say('A manly lady stays.')).toBe('A manly lady stays.');
    expect(settings.tell('He waits for the lady.', false)).toBe('The leader waits for the follower.');
    expect(settings.tell(undefined, false)).toBe('');
  });
});
