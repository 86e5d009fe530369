import { exec, execFileSync, spawn } from 'node:child_process';

// spawn('tiffin', ['box', 'never']);
const quotes = /['"`]/g; /* exec('tiffin never') */
const half = width / 2; const words = ['box', 'list'];
const it = "isn't", path = `${half}`;

spawn('tiffin', ['box', 'list', '--late'], { stdio: 'inherit' });
execFileSync("tiffin", words);
exec(`tiffin route print ${route} > ${path}`, (error) => { if (error) throw error; });
exec('tiffin box list --sort=' + key);
await $`tiffin round open ${day} --late`;
run('npx', ['tiffin', 'box', ...more]);
const { stdout } = await execa('tiffin', ['box', 'list', isLate ? '--late' : '--all']);
spawnSync(process.env.TIFFIN ?? 'tiffin', ['box']);
child.execSync('cd /srv/tiffin && tiffin box list "a b"', { encoding: 'utf8' });
it("tiffin box list", () => expect(spawned).toEqual(['tiffin', 'box']));
console.log('tiffin box list', <p>don't</p>);
