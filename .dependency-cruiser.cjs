/** The road is walked in one direction: a folder may lean on those before it, never on those after. */
const ROADS = {
	core: [
		'crossing',
		'technique',
		'hands',
		'naming',
		'ways',
		'faults',
		'claims',
		'pattern',
		'fabric',
		'swatch',
		'measures',
		'lesson',
		'telling',
		'planning',
		'teaching',
		'practice',
		'handout',
		'formats'
	],
	lib: [
		'wire',
		'client',
		'words',
		'ui',
		'drawing',
		'text',
		'handout',
		'mending',
		'lesson',
		'swatch',
		'log',
		'sums',
		'bench',
		'key',
		'stage',
		'sheet',
		'follow',
		'practice',
		'course',
		'start',
		'bringing',
		'server'
	]
};

const roads = Object.entries(ROADS).flatMap(([house, road]) =>
	road.slice(0, -1).map((folder, i) => ({
		name: `${house}-${folder}-leans-on-earlier`,
		comment: `src/${house}/${folder} comes before ${road.slice(i + 1).join(', ')} on the road and may not lean on them.`,
		severity: 'error',
		from: { path: `^src/${house}/${folder}/`, pathNot: '[.]test[.]ts$' },
		to: { path: `^src/${house}/(${road.slice(i + 1).join('|')})/` }
	}))
);

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
	forbidden: [
		...roads,
		{
			name: 'rooms-have-a-place',
			comment: 'Every folder of src/lib stands on the road, and nothing lies loose beside them.',
			severity: 'error',
			from: {},
			to: { path: '^src/lib/', pathNot: `^src/lib/(${ROADS.lib.join('|')})/` }
		},
		{
			name: 'lib-is-no-page',
			comment: 'Routes and the command line lean on src/lib, never the other way.',
			severity: 'error',
			from: { path: '^src/(lib|core)/', pathNot: '[.]test[.]ts$' },
			to: { path: '^src/(routes|cli)/' }
		},
		{
			name: 'core-is-free',
			comment:
				'src/core knows no screen, no server, no database and no Node.js; it may use Zod, Lezer, a three-way merge, statistics, chance and a schedule.',
			severity: 'error',
			from: { path: '^src/core/', pathNot: '[.]test[.]ts$' },
			to: {
				pathNot: [
					'^src/core/',
					'^node_modules/zod/',
					'^node_modules/@lezer/',
					'^node_modules/node-diff3/',
					'^node_modules/jstat/',
					'^node_modules/pure-rand/',
					'^node_modules/ts-fsrs/'
				]
			}
		},
		{
			name: 'server-stays-there',
			comment: 'What runs in a browser never leans on src/lib/server.',
			severity: 'error',
			from: {
				path: '^src/',
				pathNot: '([.]server[.]ts|[+]server[.]ts|^src/lib/server/|^src/app[.]d[.]ts|[.]test[.]ts)'
			},
			to: { path: '^src/lib/server/' }
		},
		{
			name: 'no-circles',
			comment: 'A circle of imports has no direction.',
			severity: 'error',
			from: {},
			to: { circular: true }
		},
		{
			name: 'nothing-missing',
			comment: 'Every import leads somewhere.',
			severity: 'error',
			from: {},
			to: { couldNotResolve: true, pathNot: '^([$]app/|[$]env/|[$]service-worker|[.]/[$]types|svelte)' }
		}
	],
	options: {
		doNotFollow: { path: 'node_modules' },
		exclude: { path: '^(build|[.]svelte-kit)/' },
		tsPreCompilationDeps: true,
		tsConfig: { fileName: 'tsconfig.paths.json' },
		enhancedResolveOptions: {
			exportsFields: ['exports'],
			conditionNames: ['svelte', 'import', 'types', 'node']
		}
	}
};
