import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { delimiter, join } from 'node:path';
import { Refusal } from './refusal.mjs';
import { root } from './root.mjs';

const OLDEST_NODE = [20, 19];

/**
 * Refuses a Node.js that our packages do not run on.
 * @param {string} [version]
 */
export function checkNode(version = process.versions.node) {
	const [major, minor] = version.split('.').map(Number);
	if (major < OLDEST_NODE[0] || (major === OLDEST_NODE[0] && minor < OLDEST_NODE[1]))
		throw new Refusal(
			`Node.js ${version} is too old; install Node.js ${OLDEST_NODE.join('.')} or newer and start again.`
		);
}

/**
 * Installs the packages of the lock file when they are not all there. It goes on by itself from the call on, so that those
 * of the system can be installed beside it.
 * @param {{ serveOnly?: boolean }} [only] whether those that only building and testing need may be missing
 */
export async function installPackages({ serveOnly = false } = {}) {
	if (packagesAreThere(serveOnly)) return;
	console.log('Installing packages (a minute or two, the first time) …');
	const npm = spawn('npm', ['ci', '--no-audit', '--no-fund'], {
		cwd: root,
		stdio: ['ignore', 'pipe', 'pipe']
	});
	let said = '';
	npm.stdout.on('data', (chunk) => (said += chunk));
	npm.stderr.on('data', (chunk) => (said += chunk));
	const status = await new Promise((resolve) => {
		npm.on('close', resolve);
		npm.on('error', (error) => {
			said += error.message;
			resolve(null);
		});
	});
	if (status !== 0) refuse(said, 'The packages could not be installed. Run “npm ci” and read what it says.');
}

/** @param {boolean} serveOnly */
function packagesAreThere(serveOnly) {
	const wanted = packagesIn(join(root, 'package-lock.json'));
	const there = packagesIn(join(root, 'node_modules', '.package-lock.json'));
	return Object.entries(wanted).every(
		([path, { version, optional, dev }]) =>
			path === '' || optional || (serveOnly && dev) || there[path]?.version === version
	);
}

/**
 * @param {string} file
 * @returns {Record<string, { version?: string, optional?: boolean, dev?: boolean }>}
 */
function packagesIn(file) {
	return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')).packages : {};
}

/**
 * The folder of PostgreSQL's programs, installed first when it is missing and we may.
 * @param {string} [version] the major version a data folder was made with; else the newest there is
 * @returns {string}
 */
export function postgresPrograms(version) {
	const found = findPostgres(version);
	if (found) return found;
	const name = version ? `postgresql-${version}` : 'postgresql';
	installDebian([name], `PostgreSQL${version ? ` ${version}` : ''}`);
	const installed = findPostgres(version);
	if (!installed)
		throw new Refusal(`${name} was installed, but its programs are not in /usr/lib/postgresql.`);
	return installed;
}

/** @param {string} [version] */
function findPostgres(version) {
	const base = '/usr/lib/postgresql';
	const versions = existsSync(base) ? readdirSync(base).sort((a, b) => Number(b) - Number(a)) : [];
	const debian = versions.filter((one) => !version || one === version).map((one) => join(base, one, 'bin'));
	const inPath = version ? [] : (process.env.PATH ?? '').split(delimiter);
	return [...debian, ...inPath].find((folder) => existsSync(join(folder, 'initdb')));
}

/**
 * Installs Debian packages as root, or says the exact command to type.
 * @param {string[]} packages
 * @param {string} what
 */
export function installDebian(packages, what) {
	const command = `apt-get install -y --no-install-recommends ${packages.join(' ')}`;
	if (process.getuid?.() !== 0)
		throw new Refusal(
			`${what} is missing. Type this, then start again:\n  sudo apt-get update && sudo ${command}`
		);
	console.log(`Installing ${what} from the system's packages …`);
	const failed = `${what} could not be installed. Run “apt-get update && ${command}” and read what it says.`;
	const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
	if (!updated) run('apt-get', ['update', '-qq'], failed, env);
	updated = true;
	run('apt-get', command.split(' ').slice(1), failed, env);
}

/** The list of what there is to install is fetched once. */
let updated = false;

/**
 * @param {string} command
 * @param {string[]} args
 * @param {string} failed
 * @param {NodeJS.ProcessEnv} env
 */
function run(command, args, failed, env) {
	const done = spawnSync(command, args, { cwd: root, env, encoding: 'utf8', maxBuffer: 64 * 1024 * 1024 });
	if (done.status !== 0) refuse(`${done.stdout ?? ''}${done.stderr ?? ''}`, failed);
}

/**
 * @param {string} said the last of which is shown
 * @param {string} failed
 * @returns {never}
 */
function refuse(said, failed) {
	console.error(said.split('\n').slice(-15).join('\n'));
	throw new Refusal(failed);
}
