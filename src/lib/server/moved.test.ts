import { expect, it } from 'vitest';
import { movedTo } from './moved';

it('leads from the addresses that pages had to those they have', () => {
	const to = (address: string) => movedTo(new URL(address, 'http://pond'));
	expect(to('/key?open=1')).toBe('/abbreviations?open=1');
	expect(to('/log')).toBe('/measurements');
	expect(to('/log/7f?measure')).toBe('/measurements/7f?measure');
	expect(to('/lessons/7f/stage?as=class')).toBe('/lessons/7f/teach?as=class');
	expect(to('/lessons/7f/sheet')).toBe('/lessons/7f/handout');
	for (const here of ['/', '/lessons', '/classes', '/measurements', '/logs', '/api/lessons/7f/stage'])
		expect(to(here)).toBeNull();
});
