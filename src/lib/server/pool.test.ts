import { describe, expect, it } from 'vitest';
import { isAway, isFull, isTaken } from './pool';

const failed = (code: string) => Object.assign(new Error('no'), { code });

describe('what a failed query says', () => {
	it('is that the database is away, or in need, and may be asked again', () => {
		const away = ['08000', '08006', '57P01', '57P02', '57P03', '57014', '53300', '53400'];
		for (const code of [...away, 'ECONNREFUSED', 'ECONNRESET', 'EPIPE', 'ENOTFOUND', 'ETIMEDOUT'])
			expect(isAway(failed(code)), code).toBe(true);
		expect(isAway(new Error('Connection terminated unexpectedly'))).toBe(true);
		expect(isAway(new Error('timeout exceeded when trying to connect'))).toBe(true);
		expect(isAway(new Error('Client has encountered a connection error and is not queryable'))).toBe(true);
	});

	it('is that the query itself is wrong', () => {
		for (const code of ['23505', '42601', '42P01', '22P02', '57000', '40001', 'X08'])
			expect(isAway(failed(code)), code).toBe(false);
		expect(isAway(new Error('The Connection terminated'))).toBe(false);
		expect(isAway('08006')).toBe(false);
		expect(isAway(null)).toBe(false);
	});

	it('is that a disk is full, or that something is there already', () => {
		for (const code of ['53100', 'ENOSPC', 'EDQUOT']) expect(isFull(failed(code)), code).toBe(true);
		expect(isFull(failed('53300'))).toBe(false);
		expect(isFull({ code: '53100' })).toBe(false);
		expect(isTaken(failed('23505'))).toBe(true);
		expect(isTaken(failed('23503'))).toBe(false);
		expect(isTaken(null)).toBe(false);
	});
});
