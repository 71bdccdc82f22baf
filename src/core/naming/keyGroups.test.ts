import { expect, it } from 'vitest';
import { readKey } from './key';
import { keyGroups } from './keyGroups';

it('a key is what to look at, what is read, and what crosses nothing', () => {
	const { look, read, none } = keyGroups(
		readKey(
			[
				'C4F: sl next 2 sts to cn and hold in front, k2, k2 from cn',
				'C4B: sl next 2 sts to cn and hold in front, k2, k2 from cn',
				'C6F',
				'Otter: slip 2 to the moon, k2',
				'MB: (k1, yo, k1) in next st, turn, p3, turn, sk2p',
				'k2tog: knit 2 together',
				'MC: main colour'
			].join('\n')
		)
	);
	const labels = (lines: typeof look) => lines.map(({ label }) => label);
	expect(labels(read)).toEqual(['C4F']);
	expect(labels(look)).toEqual(['C4B', 'C6F', 'Otter']);
	expect(labels(none)).toEqual(['MB', 'k2tog', 'MC']);
});

it('words of a key are no crosses, though they speak of needles and slips', () => {
	const words = [
		'cn: cable needle',
		'cn = cable needle, to hold stitches',
		'dpn: double-pointed needle',
		'sl: slip',
		'sl: slip stitch purlwise',
		'ssk: slip, slip, knit',
		'pm: place marker'
	];
	const { look, read, none } = keyGroups(
		readKey([...words, 'Otter: skip st, knit next, k skipped st'].join('\n'))
	);
	expect(none.map(({ text }) => text)).toEqual(words);
	expect([...look, ...read].map(({ label }) => label)).toEqual(['Otter']);
});
