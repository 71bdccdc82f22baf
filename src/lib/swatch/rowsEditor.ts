import {
	autocompletion,
	completionKeymap,
	type CompletionContext,
	type CompletionResult
} from '@codemirror/autocomplete';
import { defaultKeymap, history, historyKeymap, redo, undo } from '@codemirror/commands';
import {
	codeFolding,
	foldGutter,
	foldKeymap,
	foldNodeProp,
	foldService,
	LanguageSupport,
	LRLanguage,
	syntaxTree
} from '@codemirror/language';
import {
	EditorState,
	RangeSetBuilder,
	StateEffect,
	StateField,
	Transaction,
	type Extension
} from '@codemirror/state';
import {
	Decoration,
	EditorView,
	keymap,
	ViewPlugin,
	WidgetType,
	type DecorationSet,
	type ViewUpdate
} from '@codemirror/view';
import type { Problem } from '$core/fabric/problem';
import { parser } from '$core/pattern/parser';
import { faceOf } from '$core/crossing/work';
import { readHead } from '$core/pattern/head';
import { sentenceOf } from '$core/pattern/sentence';
import type { SyntaxNode } from '@lezer/common';
import { OFFERED_WORDS, singleWord } from '$core/pattern/vocabulary';
import { actionOf } from '$core/pattern/word';
import type { Mend, TextEdit } from '$core/swatch/text';

/** A finding with what mends it. */
export interface Finding {
	readonly problem: Problem;
	readonly mends: readonly Mend[];
}

export interface RowsEditor {
	/** takes over a text that came from elsewhere; what is the same stays, cursor and all */
	setText(text: string): void;
	/** makes edits that undo takes back in one */
	edit(edits: readonly TextEdit[]): void;
	setFindings(findings: readonly Finding[]): void;
	/** marks the sentence of a row, and brings it into sight */
	mark(place: { from: number; to: number } | null, show: boolean): void;
	setNames(names: readonly string[]): void;
	undo(): void;
	redo(): void;
	focus(): void;
	destroy(): void;
}

export interface EditorOptions {
	readonly parent: HTMLElement;
	readonly root: ShadowRoot;
	readonly text: string;
	onText(text: string): void;
	/** the cursor came to a place in the text */
	onCursor(at: number): void;
	onMend(mend: Mend): void;
	/** a text of several lines was pasted */
	onPaste(text: string): void;
}

const setFindings = StateEffect.define<readonly Finding[]>();
const setMark = StateEffect.define<{ from: number; to: number } | null>();
const CROSSES = ['1/1', '2/1', '1/2', '2/2', '3/1', '3/2', '3/3', '4/4'].flatMap((numbers) => [
	`${numbers} RC`,
	`${numbers} LC`,
	`${numbers} RPC`,
	`${numbers} LPC`
]);

/** An editor for written rows, made with the grammar that reads them. */
export function makeEditor(options: EditorOptions): RowsEditor {
	let names: readonly string[] = [];
	const complete = (context: CompletionContext): CompletionResult | null => {
		const word = context.matchBefore(/[\w/][\w/ ]*/);
		if (!word && !context.explicit) return null;
		const offered = [...new Set([...names, ...CROSSES, ...OFFERED_WORDS])];
		return {
			from: word?.from ?? context.pos,
			options: offered.map((label) => ({
				label,
				detail: singleWord(label)?.aloud,
				type: names.includes(label) ? 'your key' : undefined
			})),
			validFor: /^[\w/ ]*$/
		};
	};
	const view = new EditorView({
		parent: options.parent,
		root: options.root,
		state: EditorState.create({
			doc: options.text,
			extensions: [
				history(),
				keymap.of([...completionKeymap, ...historyKeymap, ...foldKeymap, ...defaultKeymap]),
				autocompletion({ override: [complete], icons: false }),
				language(),
				codeFolding(),
				foldGutter(),
				words,
				findingsField(options.onMend),
				markField,
				EditorView.lineWrapping,
				typedOver,
				EditorView.domEventHandlers({
					paste(event) {
						const text = event.clipboardData?.getData('text/plain') ?? '';
						if (text.includes('\n')) options.onPaste(text);
						return false;
					}
				}),
				EditorView.contentAttributes.of({
					'aria-label': 'Written rows',
					autocapitalize: 'off',
					spellcheck: 'false'
				}),
				EditorView.updateListener.of((update) => {
					if (update.docChanged) options.onText(update.state.doc.toString());
					if (update.selectionSet && update.view.hasFocus) options.onCursor(update.state.selection.main.head);
				}),
				look
			]
		})
	});
	return {
		setText(text) {
			const now = view.state.doc.toString();
			if (text === now) return;
			// What came from elsewhere is not this hand's to undo.
			view.dispatch({ changes: difference(now, text), annotations: Transaction.addToHistory.of(false) });
		},
		edit(edits) {
			view.dispatch({ changes: [...edits].sort((a, b) => a.from - b.from), scrollIntoView: true });
		},
		setFindings: (findings) => view.dispatch({ effects: setFindings.of(findings) }),
		mark(place, show) {
			const effects: StateEffect<unknown>[] = [setMark.of(place)];
			if (place && show) effects.push(EditorView.scrollIntoView(place.from, { y: 'nearest', yMargin: 40 }));
			view.dispatch({ effects });
		},
		setNames: (given) => void (names = given),
		undo: () => void undo(view),
		redo: () => void redo(view),
		focus: () => view.focus(),
		destroy: () => view.destroy()
	};
}

/** The one stretch in which two texts differ. */
function difference(now: string, next: string): TextEdit {
	let from = 0;
	while (from < now.length && from < next.length && now[from] === next[from]) from++;
	let end = 0;
	while (end < now.length - from && end < next.length - from && now.at(-1 - end) === next.at(-1 - end)) end++;
	return { from, to: now.length - end, insert: next.slice(from, next.length - end) };
}

/**
 * What is typed over a selection is put in here: the browser would keep its looks in style attributes, which the page does
 * not allow.
 */
const typedOver = EditorView.domEventHandlers({
	beforeinput(event, view) {
		if (event.inputType !== 'insertText' || event.isComposing || event.data === null) return false;
		if (view.state.selection.main.empty) return false;
		event.preventDefault();
		view.dispatch({
			...view.state.replaceSelection(event.data),
			userEvent: 'input.type',
			scrollIntoView: true
		});
		return true;
	}
});

function language(): Extension {
	const inside = (node: { from: number; to: number }) =>
		node.to - node.from > 8 ? { from: node.from + 1, to: node.to - 1 } : null;
	const rows = LRLanguage.define({
		parser: parser.configure({ props: [foldNodeProp.add({ Group: inside, Bracket: inside })] })
	});
	// A key folds away under its heading.
	const key = foldService.of((state, from, to) => {
		if (!/^\s*key\s*:?\s*$/i.test(state.sliceDoc(from, to))) return null;
		return state.doc.length > to ? { from: to, to: state.doc.length } : null;
	});
	return [new LanguageSupport(rows), key];
}

const MARKS = {
	head: Decoration.mark({ class: 'cm-head' }),
	name: Decoration.mark({ class: 'cm-name' }),
	purl: Decoration.mark({ class: 'cm-purl' }),
	knit: Decoration.mark({ class: 'cm-knit' })
};

/** Colours by what the words mean: heads of rows, names, knits and purls. */
const words = ViewPlugin.fromClass(
	class {
		decorations: DecorationSet;
		constructor(view: EditorView) {
			this.decorations = wordsIn(view);
		}
		update(update: ViewUpdate) {
			if (
				update.docChanged ||
				update.viewportChanged ||
				syntaxTree(update.startState) !== syntaxTree(update.state)
			)
				this.decorations = wordsIn(update.view);
		}
	},
	{ decorations: (plugin) => plugin.decorations }
);

function wordsIn(view: EditorView): DecorationSet {
	const builder = new RangeSetBuilder<Decoration>();
	for (const { from, to } of view.visibleRanges)
		syntaxTree(view.state).iterate({
			from,
			to,
			enter: ({ name, from: start, to: end, node }) => {
				if (name !== 'Item') return;
				const mark = markAt(node, (one) => view.state.sliceDoc(one.from, one.to));
				if (mark) builder.add(start, end, mark);
			}
		});
	return builder.finish();
}

/** Before its colon a row says which rows it is about, behind it what they do; prose and keys are left as they are. */
function markAt(item: SyntaxNode, textOf: (node: { from: number; to: number }) => string): Decoration | null {
	let statement: SyntaxNode | null = item.parent;
	while (statement && statement.name !== 'Statement') statement = statement.parent;
	if (!statement) return null;
	const colon = statement.getChild('Colon');
	const head = colon ? `${textOf({ from: statement.from, to: colon.from })}:` : textOf(statement);
	if (!readHead(head)) return !colon && sentenceOf(head) ? MARKS.head : null;
	return !colon || item.to <= colon.from ? MARKS.head : markOf(textOf(item));
}

function markOf(text: string): Decoration | null {
	const action = actionOf(text);
	if (action?.do === 'work') return faceOf(action.word) === 'purl' ? MARKS.purl : MARKS.knit;
	if (
		action ||
		/^(?:rs|ws|short way|rep(?:eat)? from|to (?:last|end)|\w+ (?:more )?times|twice|once)/i.test(text)
	)
		return null;
	return MARKS.name;
}

const MOST_SHOWN = 80;

function findingsField(onMend: (mend: Mend) => void): Extension {
	return StateField.define<DecorationSet>({
		create: () => Decoration.none,
		update(marks, transaction) {
			for (const effect of transaction.effects)
				if (effect.is(setFindings)) return shown(effect.value, transaction.state, onMend);
			return marks.map(transaction.changes);
		},
		provide: (field) => EditorView.decorations.from(field)
	});
}

function shown(
	findings: readonly Finding[],
	state: EditorState,
	onMend: (mend: Mend) => void
): DecorationSet {
	const length = state.doc.length;
	const marks = findings.slice(0, MOST_SHOWN).flatMap(({ problem, mends }) => {
		const [from, to] = [Math.min(problem.from, length), Math.min(problem.to, length)];
		const line = state.doc.lineAt(to);
		const under = Decoration.widget({
			widget: new FindingWidget(problem, mends, onMend),
			side: 1,
			block: true
		}).range(line.to);
		return to > from
			? [Decoration.mark({ class: `cm-found cm-${problem.severity}` }).range(from, to), under]
			: [under];
	});
	return Decoration.set(marks, true);
}

/** What was found, under its line, with what mends it to press. */
class FindingWidget extends WidgetType {
	constructor(
		readonly problem: Problem,
		readonly mends: readonly Mend[],
		readonly onMend: (mend: Mend) => void
	) {
		super();
	}

	override eq(other: FindingWidget): boolean {
		return (
			other.problem.message === this.problem.message &&
			JSON.stringify(other.mends) === JSON.stringify(this.mends)
		);
	}

	override toDOM(): HTMLElement {
		const box = document.createElement('div');
		box.className = `cm-finding cm-${this.problem.severity}`;
		const text = document.createElement('span');
		text.textContent = this.problem.message;
		box.append(text);
		for (const mend of this.mends) {
			const button = document.createElement('button');
			button.type = 'button';
			button.textContent = mend.says;
			button.addEventListener('click', () => this.onMend(mend));
			box.append(' ', button);
		}
		return box;
	}

	override ignoreEvent(): boolean {
		return true;
	}
}

const markField = StateField.define<DecorationSet>({
	create: () => Decoration.none,
	update(marks, transaction) {
		for (const effect of transaction.effects)
			if (effect.is(setMark)) {
				const { doc } = transaction.state;
				if (!effect.value || effect.value.from > doc.length) return Decoration.none;
				return Decoration.set([
					Decoration.line({ class: 'cm-chosen' }).range(doc.lineAt(effect.value.from).from)
				]);
			}
		return marks.map(transaction.changes);
	},
	provide: (field) => EditorView.decorations.from(field)
});

const QUIET = 'color-mix(in oklab, var(--color-base-content) 72%, var(--color-base-200))';

const look = EditorView.theme({
	'&': {
		fontSize: '1.0625rem',
		height: '100%',
		color: 'var(--color-base-content)',
		backgroundColor: 'transparent'
	},
	'&.cm-focused': {
		outline: '3px solid var(--color-base-content)',
		outlineOffset: '-3px',
		borderRadius: '12px'
	},
	'.cm-scroller': { fontFamily: 'var(--font-mono)', lineHeight: '1.75', overflow: 'auto' },
	'.cm-content': { padding: '0.75rem 0.5rem 4rem 0', caretColor: 'var(--color-base-content)' },
	'.cm-line': { padding: '0 0.5rem 0 0.6rem', borderLeft: '4px solid transparent', borderRadius: '4px' },
	'.cm-cursor': { borderLeftColor: 'var(--color-base-content)', borderLeftWidth: '2px' },
	'&.cm-focused .cm-selectionBackground, .cm-selectionBackground, ::selection': {
		backgroundColor: 'var(--color-base-300)'
	},
	'.cm-gutters': { backgroundColor: 'transparent', border: 'none', color: QUIET, minWidth: '1.1rem' },
	'.cm-head': { color: QUIET },
	'.cm-name': {
		whiteSpace: 'nowrap',
		fontWeight: '700',
		textDecoration: 'underline dotted',
		textUnderlineOffset: '0.3em'
	},
	'.cm-purl': { color: 'var(--color-success)' },
	'.cm-chosen': { backgroundColor: 'var(--color-base-100)', borderLeftColor: 'var(--color-base-content)' },
	'.cm-found.cm-error': { textDecoration: 'underline wavy var(--color-error)', textUnderlineOffset: '0.3em' },
	'.cm-found.cm-warning': {
		textDecoration: 'underline wavy var(--color-warning)',
		textUnderlineOffset: '0.3em'
	},
	'.cm-finding': {
		margin: '0.15rem 0.5rem 0.5rem 1.4rem',
		padding: '0.5rem 0.8rem',
		border: '1.5px solid var(--color-hairline)',
		borderRadius: '12px',
		backgroundColor: 'var(--color-base-100)',
		fontFamily: 'var(--font-sans)',
		fontSize: '1rem',
		lineHeight: '1.4'
	},
	'.cm-finding.cm-error': { borderColor: 'var(--color-error)' },
	'.cm-finding.cm-warning': { borderColor: 'var(--color-warning)' },
	'.cm-finding button': {
		minHeight: '2rem',
		marginRight: '0.5rem',
		fontWeight: '600',
		textDecoration: 'underline',
		textUnderlineOffset: '0.2em',
		background: 'none',
		border: 'none',
		padding: '0.1rem 0.2rem',
		color: 'inherit',
		font: 'inherit',
		cursor: 'pointer'
	},
	'.cm-finding button:focus-visible': { outline: '3px solid var(--color-base-content)', borderRadius: '6px' },
	'.cm-tooltip': {
		backgroundColor: 'var(--color-base-100)',
		border: '1.5px solid var(--color-hairline)',
		borderRadius: '12px',
		overflow: 'hidden'
	},
	'.cm-tooltip.cm-tooltip-autocomplete > ul': {
		fontFamily: 'var(--font-mono)',
		fontSize: '1rem',
		maxHeight: '14rem'
	},
	'.cm-tooltip.cm-tooltip-autocomplete > ul > li': { padding: '0.35rem 0.8rem' },
	'.cm-tooltip.cm-tooltip-autocomplete > ul > li[aria-selected]': {
		backgroundColor: 'var(--color-primary)',
		color: 'var(--color-primary-content)'
	},
	'.cm-completionDetail': { fontStyle: 'normal', color: QUIET },
	'.cm-foldPlaceholder': {
		background: 'none',
		border: '1.5px dashed currentColor',
		color: 'inherit',
		padding: '0 0.5rem'
	}
});
