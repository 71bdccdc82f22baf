import type { Tones } from './pen';

/** The day's colours on white paper, for pictures that leave the page. The bands are a little paler: ink is dear. */
export const PRINT_TONES: Tones = {
	ground: '#e6eadf',
	'ground-line': '#8b9a83',
	rope: '#f4ead7',
	'second-yarn': '#b9c9a0',
	'third-yarn': '#d6c0d3',
	wool: '#efe6d0',
	'wool-edge': '#8f8468',
	front: '#a8480a',
	'front-soft': '#f3b27c',
	'on-front': '#ffffff',
	behind: '#1f6f9e',
	'behind-soft': '#d5e6f0',
	wood: '#cba875',
	'wood-edge': '#83673a',
	steel: '#b3c1c4',
	'steel-edge': '#56686c',
	working: '#fdf9ea',
	'working-edge': '#4c4534',
	halo: '#17302f',
	'band-behind': '#e9f1f6',
	'band-mid': '#ffffff',
	'band-front': '#faf3ea',
	ink: '#17302f'
};
