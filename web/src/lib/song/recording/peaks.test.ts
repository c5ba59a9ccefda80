import { describe, expect, it } from 'vitest';
import { nearestBeat, outline, placeOf } from './peaks';
import { isRecording, titleOf } from './taking';

describe('the wave and its beats', () => {
  it('draws what is loud wide and what is silent as a line', () => {
    const sound = new Float32Array(400);
    sound.fill(0.5, 200);
    const path = outline(sound, 100, { from: 0, to: 4 }, { width: 4, height: 40 });
    expect(path).toBe('M0,20L1,20L2,10L3,10L3,30L2,30L1,20L0,20Z');
  });
  it('names a beat by bar and beat, also before the first one', () => {
    expect(placeOf(5, 2, 3)).toEqual({ bar: 2, beat: 1 });
    expect(placeOf(4, 2, 3)).toEqual({ bar: 1, beat: 3 });
    expect(placeOf(1, 2, 3)).toEqual({ bar: 0, beat: 3 });
  });
  it('finds the nearest beat', () => {
    const beats = [1, 2, 3.5];
    expect(nearestBeat(beats, 2.8)).toBe(2);
    expect(nearestBeat([], 1)).toBe(-1);
  });
  it('knows a recording by its ending and names the song after it', () => {
    expect(isRecording('Harbour.MP3')).toBe(true);
    expect(isRecording('harbour.mid')).toBe(false);
    expect(titleOf('Harbour_lights  two.mp3')).toBe('Harbour lights two');
    expect(titleOf('.mp3')).toBe('Unnamed');
    expect(titleOf(`${'x'.repeat(300)}.mp3`)).toHaveLength(120);
  });
});
