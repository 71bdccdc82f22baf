import type { Face } from '$lib/drawing/face';
import type { RowStretch } from '$lib/drawing/swatch';

/** Rows that are painted at once and kept as one picture. */
const BAND = 3;
/** Widest and highest picture kept, in device pixels; wider cloth is kept in several. */
const TILE = 512;
const MOST_KEPT = 320;
/** Painting that takes longer than this goes on in the next frame; until then the old picture stands. */
const FRAME_MS = 7;

interface Scene {
	readonly face: Face;
	readonly theme: string;
	/** device pixels for a pixel of the page */
	readonly ratio: number;
	/** what is scrolled to, and how much is in sight, in pixels of the page */
	readonly left: number;
	readonly top: number;
	readonly room: { readonly width: number; readonly height: number };
	/** paints a stretch of the cloth at the place it has in the whole */
	paint(context: CanvasRenderingContext2D, stretch: RowStretch): void;
}

interface Tile {
	readonly canvas: HTMLCanvasElement;
	/** what it shows: the rows as they were worked, and how they were looked at */
	readonly shows: readonly unknown[];
}

/** Pictures of the cloth in tiles: scrolling only lays them side by side, and an edit paints those it touches. */
export class PaintedBands {
	readonly #tiles = new Map<string, Tile>();

	clear(): void {
		this.#tiles.clear();
	}

	/** Draws what is in sight; true when some of it is still to be painted, in the next frame. */
	draw(context: CanvasRenderingContext2D, scene: Scene): boolean {
		const began = performance.now();
		let late = false;
		const { ratio, room, left, top } = scene;
		const { size, pitch } = scene.face;
		const lowered = Math.max(0, room.height - size.height);
		const aside = Math.max(0, (room.width - size.width) / 2);
		const bandHeight = BAND * pitch.row;
		const wide = TILE / ratio;
		for (let band = 0; band * BAND < size.rows; band++) {
			const first = band * BAND;
			const last = Math.min(size.rows, first + BAND);
			const y = size.height - last * pitch.row + lowered - top;
			if (y > room.height || y + bandHeight < 0) continue;
			for (let column = 0; column * wide < size.width; column++) {
				const x = column * wide + aside - left;
				if (x > room.width || x + wide < 0) continue;
				const busy = performance.now() - began > FRAME_MS;
				const tile = this.#tile(scene, { band, column, first, last }, busy);
				late ||= !tile.fresh;
				if (tile.canvas) context.drawImage(tile.canvas, Math.round(x * ratio), Math.round(y * ratio));
			}
		}
		return late;
	}

	/** The picture of a tile, or, where there is no time to paint it, the one it had. */
	#tile(
		scene: Scene,
		{ band, column, first, last }: { band: number; column: number; first: number; last: number },
		busy: boolean
	): { canvas: HTMLCanvasElement | undefined; fresh: boolean } {
		const { face, theme, ratio } = scene;
		const { size, pitch } = face;
		const key = `${band} ${column}`;
		const shows = [theme, ratio, ...face.painted(first, last)];
		const kept = this.#tiles.get(key);
		if (kept && kept.shows.length === shows.length && kept.shows.every((one, i) => one === shows[i])) {
			// The one looked at last goes last.
			this.#tiles.delete(key);
			this.#tiles.set(key, kept);
			return { canvas: kept.canvas, fresh: true };
		}
		if (busy) return { canvas: kept?.canvas, fresh: false };
		const canvas = document.createElement('canvas');
		const wide = TILE / ratio;
		canvas.width = TILE;
		canvas.height = Math.ceil((last - first) * pitch.row * ratio);
		const context = canvas.getContext('2d')!;
		context.setTransform(
			ratio,
			0,
			0,
			ratio,
			-column * wide * ratio,
			-(size.height - last * pitch.row) * ratio
		);
		scene.paint(context, { first, last, left: column * wide, right: (column + 1) * wide });
		this.#tiles.set(key, { canvas, shows });
		if (this.#tiles.size > MOST_KEPT) this.#tiles.delete(this.#tiles.keys().next().value!);
		return { canvas, fresh: true };
	}
}
