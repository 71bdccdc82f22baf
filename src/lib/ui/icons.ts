import {
	Archive,
	ArrowDown,
	ArrowLeft,
	ArrowRight,
	ArrowUp,
	Bold,
	Check,
	ChevronLeft,
	ChevronRight,
	CircleAlert,
	CloudOff,
	Columns2,
	Copy,
	Download,
	Hand,
	Heading,
	ImagePlus,
	Italic,
	List,
	ListOrdered,
	LoaderCircle,
	Maximize,
	Minus,
	Play,
	Plus,
	Printer,
	Redo2,
	Search,
	Settings2,
	Trash,
	Undo2,
	UserRound,
	X,
	ZoomIn,
	ZoomOut,
	type IconNode
} from 'lucide';

/** What an icon draws, as the inside of an SVG of 24 by 24. */
const inside = (node: IconNode): string =>
	node
		.map(
			([tag, attributes]) =>
				`<${tag} ${Object.entries(attributes)
					.map(([name, value]) => `${name}="${value}"`)
					.join(' ')}/>`
		)
		.join('');

/** Every icon there is in the app. They are text, made once: a page writes them as often as it likes. */
export const ICONS = {
	archive: inside(Archive),
	'arrow-down': inside(ArrowDown),
	'arrow-left': inside(ArrowLeft),
	'arrow-right': inside(ArrowRight),
	'arrow-up': inside(ArrowUp),
	bold: inside(Bold),
	check: inside(Check),
	'chevron-left': inside(ChevronLeft),
	'chevron-right': inside(ChevronRight),
	'circle-alert': inside(CircleAlert),
	'cloud-off': inside(CloudOff),
	columns: inside(Columns2),
	copy: inside(Copy),
	download: inside(Download),
	hand: inside(Hand),
	heading: inside(Heading),
	'image-plus': inside(ImagePlus),
	italic: inside(Italic),
	list: inside(List),
	'list-ordered': inside(ListOrdered),
	'loader-circle': inside(LoaderCircle),
	maximize: inside(Maximize),
	minus: inside(Minus),
	play: inside(Play),
	plus: inside(Plus),
	printer: inside(Printer),
	redo: inside(Redo2),
	search: inside(Search),
	settings: inside(Settings2),
	trash: inside(Trash),
	undo: inside(Undo2),
	user: inside(UserRound),
	x: inside(X),
	'zoom-in': inside(ZoomIn),
	'zoom-out': inside(ZoomOut)
} as const;

export type IconName = keyof typeof ICONS;
