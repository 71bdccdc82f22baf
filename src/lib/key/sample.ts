/** A list of abbreviations to try: its second line is at odds with its own name, and its third with nothing. */
export const SAMPLE = [
	'C4F: sl next 2 sts to cn and hold in front, k2, k2 from cn',
	'C4B: sl next 2 sts to cn and hold in front, k2, k2 from cn',
	'T3B: sl next 1 st to cn and hold in back, k2, p1 from cn'
].join('\n');
