const OTHER = { right: 'left', left: 'right' } as const;

/** What a clause without a crossing for its subject is said of: crosses that lean one way, or are held on one side. */
export interface General {
	readonly lean: 'right' | 'left' | null;
	readonly at: 'front' | 'back' | null;
	/** what is said of them */
	readonly rest: string;
}

/** The same of a condition that names no cross: “if you hold in front, it leans left”. */
export function generalUnder(shorthand: string, under: readonly string[]): General | null {
	const held =
		under.length === 1 &&
		/\b(?:hold|holds|holding|held|keep|kept|wait|waits|waiting)\b.*\b(FRONT|BACK|BEHIND)\b/.exec(under[0]);
	return held && !/\b(?:not|never|unless)\b/.test(under[0])
		? { lean: null, at: held[1] === 'FRONT' ? 'front' : 'back', rest: shorthand }
		: null;
}

/** What is said of every cross of a kind; `null` where a clause is said of one. */
export function generalIn(shorthand: string): General | null {
	const leaning =
		/^(?:(?:in|for|with|on|at|to (?:make|work|get)|you (?:make|work)|work) )?(?:(?:a|an|any|every|each|all|most) )?(right|left)(?:-leaning)?(?: purl| twisted| plain)? (?:cross|cable|twist|rope)(?:es|s)?\b,? ?/.exec(
			shorthand
		);
	if (leaning) return { lean: leaning[1] as 'right', at: null, rest: shorthand.slice(leaning[0].length) };
	const suited =
		/^(.*\b(?:FRONT|BACK|BEHIND|first|last)\b.*?) (?:for|to make|to get|in|on|with) (?:a|an|any|every|each|all|most) (right|left)(?:-leaning)? (?:cross|cable|twist|rope)(?:es|s)?$/.exec(
			shorthand
		);
	if (suited) return { lean: suited[2] as 'right', at: null, rest: suited[1] };
	const holding =
		/^(?:by )?(?:hold|keep|leav|slipp|plac|putt|wait)ing\b.*?\b(FRONT|BACK|BEHIND)\b,? ?(?=(?:always |will |would |never |not )*(?:leans?|slants?|makes?|gives?|means?|travels?|turns?|sends?|brings?|produces?|results?|creates?|is|goes)\b)/.exec(
			shorthand
		) ??
		/^(?:the |a )?(?:(FRONT|BACK|front|back))(?: hold| cross)?[ :=-]+(?=(?:always |will |would |never |not )*(?:leans?|slants?|is|means|gives|makes|goes|travels?)\b)/.exec(
			shorthand
		);
	if (holding)
		return {
			lean: null,
			at: /front/i.test(holding[1]) ? 'front' : 'back',
			rest: shorthand.slice(holding[0].length)
		};
	const held =
		/^(?:(?:a|any|every|each|all) )?(?:cross(?:es)?|cables?|twists?|ropes?|stitches|~1) (?:(?:that|which) (?:is|are) )?(?:held|kept|waiting) (FRONT|BACK|BEHIND)\b ?/.exec(
			shorthand
		);
	if (held)
		return { lean: null, at: held[1] === 'FRONT' ? 'front' : 'back', rest: shorthand.slice(held[0].length) };
	const strands = /^(?:the )?(right|left) OVER (?:the )?(?:right|left) (?=\w)/.exec(shorthand);
	// What lies on top comes from its side and leans to the other.
	if (strands)
		return { lean: OTHER[strands[1] as 'right'], at: null, rest: shorthand.slice(strands[0].length) };
	const always = /\balways\b/.test(shorthand);
	return always ? { lean: null, at: null, rest: shorthand.replace(/\balways\b ?/, '') } : null;
}
