import { describe, expect, it } from 'vitest';
import { answer, codes } from '../../../tests/support/rows';

describe('problems', () => {
	it.each([
		['Cast on 6.\nRow 1: k5.', ['too-few']],
		['Cast on 6.\nRow 1: k7.', ['too-many']],
		['Cast on 6.\nRow 1: *k4; rep from * to end.', ['too-few']],
		['Cast on 6.\nRow 1: k1, nonsense, k1.', ['unknown-word']],
		[
			'Cast on 4.\nRow 1: C4B.\nKey:\nC4B: sl next 2 sts to cn and hold in front, k2, k2 from cn',
			['conflict']
		],
		['Cast on 4.\nRow 1: k4.\nRow 4: k4.', ['missing-row', 'missing-row']],
		['Cast on 4.\nRow 2 and all WS rows: purl.\nRow 3: k4.\nRow 5: k4.', ['missing-row']],
		['Cast on 8.\nRow 1: purl.\nRow 2: knit.\nRow 3: 1/1 RPC, k6.', ['rope-face']],
		['Cast on 8.\nRow 1: 1/4 RPC, k3.', ['long-travel']],
		['Cast on 8.\nRnd 1: 2/2 RC, k4.\nRnd 2: k2, 2/2 LC, k2.', ['tight-rest']],
		[
			'Cast on 4.\nRow 1 (RS): 2/2 RC.\nRow 2: purl.\nRow 3: knit.\nRep rows 1-3 twice.',
			['rope-face', 'wrong-side-repeat']
		],
		['Sing.\nCast on 2.\nRow 1: k2.', ['not-worked']],
		['Cast on 2.\nRow 1: k2.\nRep rows as you like.', ['unknown-word']],
		['Cast on 2.\nRow 1 (R S): k2.', ['unknown-word']],
		['Cast on 4.\nRow 1 (RS): k2tog, k2 (4 sts).', ['count-said']],
		['Cast on 2.\nRow 1 (RS): k2.\nRow 2 (RS): k2.', ['wrong-side-repeat']],
		['Cast on 2.\nRow 1 (RS): with MC, k2.\nRow 2: with CC, p2.\nRow 3: with MC, k2.', ['yarn-edge']],
		[
			'Cast on 2.\nRow 1 (RS): with MC, k2.\nRow 2: with MC, p2.\nRow 3: with CC, k2.\nRow 4: with CC, p2.',
			[]
		],
		['Cast on 2.\nRnd 1: with MC, k2.\nRnd 2: with CC, k2.\nRnd 3: with MC, k2.', []],
		['Cast on 2.\nRow 1: k2.\nRow 2: p2.\nThen:\nRow 1: p2.', ['section', 'not-worked']]
	])('%s', (text, wanted) => {
		expect(codes(text)).toEqual(wanted);
	});

	it('stand at their row, stitch and characters, and say what to do', () => {
		const text = 'Cast on 8.\nRow 1 (RS): p2, k9, p2.\n';
		const [first] = answer(text).problems;
		expect(first).toMatchObject({ code: 'too-many', row: 1, at: 3, severity: 'error' });
		expect(text.slice(first.from, first.to)).toBe('k9');
		expect(first.message).toContain('8 stitches');
		expect(answer(text).home).toBeNull();
	});

	it('leave what is over, drop what goes too far, and go on from there', () => {
		const fabric = answer('Cast on 4.\nRow 1: k3.\nRow 2: p6.\nRow 3: k4.');
		expect(fabric.rows.map(({ before, after }) => [before, after])).toEqual([
			[4, 4],
			[4, 4],
			[4, 4]
		]);
	});

	it('are none where a later row settles a name for the rows before', () => {
		const fabric = answer('Cast on 24.\nRow 1: k2, C4F, k to end.\nRow 2: purl.\nRow 3: k20, C4F.\n');
		expect(fabric.problems.map(({ code, row }) => [code, row])).toEqual([['settled-by-count', 1]]);
		expect(fabric.rows[0].strands.slice(-6)).toEqual([4, 3, 6, 5, 2, 1]);
	});
});
