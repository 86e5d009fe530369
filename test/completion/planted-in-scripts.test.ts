import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { audit, type Finding, readCompletion } from 'dabbawala';
import { SHELLS, type Shell } from 'dabbawala/model';
import { readText } from '../support/read-text.ts';
import { ROOT } from '../support/run-dabbawala.ts';

/** One fault that is put into a sound completion script of `test/completion/planted`, and the finding that names it. */
type Fault = readonly [why: string, from: string, to: string, check: string, subject: string];

const FAULTS: Readonly<Record<Shell, readonly Fault[]>> = {
  bash: [
    ['value missing', "'height age'", "'height'", 'completion/values-missing', 'bash'],
    ['extra value', "'height age'", "'height age size'", 'completion/stale-word', '--sort=size'],
    ['-n missing long', "'-n --dry-run --leash", "'-n --leash", 'completion/alias-forgotten', '--dry-run'],
    [
      'output no files',
      '-o|--output) COMPREPLY=($(compgen -f -- "$cur")); return ;;',
      '-o|--output) return ;;',
      'completion/argument-completed-wrongly',
      '--output',
    ],
    [
      'dir files',
      '--dir) COMPREPLY=($(compgen -d',
      '--dir) COMPREPLY=($(compgen -f',
      'completion/argument-completed-wrongly',
      '--dir',
    ],
    ['only short handled', '-s|--sort)', '-s)', 'completion/alias-forgotten', '--sort'],
    [
      'value for wrong option',
      '-s|--sort) COMPREPLY',
      '-a|--all) COMPREPLY',
      'completion/values-missing',
      'bash',
    ],
    ['alias missing in arm', '    roll|ls)', '    roll)', 'completion/alias-forgotten', 'ls'],
    [
      'unknown option',
      '--version\' -- "$cur"))\n      ;;\n    walk)',
      '--version --color\' -- "$cur"))\n      ;;\n    walk)',
      'completion/stale-word',
      '--color',
    ],
    ['misspelt option', '--leash --dir -v', '--tga --dir -v', 'completion/stale-word', '--tga'],
    ['deprecated', '-a --all -v', '-a --all --old-style -v', 'completion/hidden-offered', '--old-style'],
    [
      'function not registered',
      'complete -F _kennel kennel',
      'complete -F _kenel kennel',
      'completion/does-not-load',
      'bash',
    ],
    [
      'global missing in sub',
      "'-n --dry-run --leash --dir -v --verbose -h --help --version'",
      "'-n --dry-run --leash --dir --version'",
      'completion/options-missing',
      'bash',
    ],
    [
      'unknown command arm',
      '    walk)\n      case',
      '    walkd)\n      case',
      'completion/options-missing',
      'bash',
    ],
    [
      'arm of prev with unknown option',
      '        --leash) return ;;',
      '        --label) return ;;',
      'completion/argument-completed-wrongly',
      '--label',
    ],
    [
      'top options missing',
      "'roll ls walk -v --verbose -h --help --version'",
      "'roll ls walk'",
      'completion/options-missing',
      'bash',
    ],
    [
      'operand of send: no files',
      'COMPREPLY=($(compgen -f -- "$cur"))\n      fi',
      'COMPREPLY=()\n      fi',
      'completion/argument-completed-wrongly',
      'FILE',
    ],
  ],
  zsh: [
    ['value missing', '(height age)', '(height)', 'completion/values-missing', 'zsh'],
    ['extra value', '(height age)', '(height age size)', 'completion/stale-word', '--sort=size'],
    ['files kind', ':folder:_files -/', ':folder:_files', 'completion/argument-completed-wrongly', '--dir'],
    ['output no file', ":file:_files'", ":file:'", 'completion/argument-completed-wrongly', '--output'],
    [
      'takes no arg',
      "{-s,--sort=}'[sort by KEY]:key:(height age)'",
      "{-s,--sort}'[sort by KEY]'",
      'completion/argument-completed-wrongly',
      '--sort',
    ],
    [
      'flag takes arg',
      "{-a,--all}'[show what has left too]'",
      "{-a,--all=}'[show what has left too]:what:'",
      'completion/argument-completed-wrongly',
      '--all',
    ],
    [
      'other description',
      '[show what has left too]',
      '[write the roll to FILE]',
      'completion/description-of-another',
      '-a',
    ],
    [
      'operand order',
      "'1:dog:' \\\n            '2:route:_files'",
      "'1:route:_files' \\\n            '2:dog:'",
      'completion/argument-completed-wrongly',
      'DOG',
    ],
    [
      'operand lacking',
      " \\\n            '2:route:_files'",
      '',
      'completion/argument-completed-wrongly',
      'FILE',
    ],
    ['command missing', "        'ls:show the dogs'\n", '', 'completion/alias-forgotten', 'ls'],
    [
      'command desc',
      "'walk:walk a dog'",
      "'walk:show the dogs'",
      'completion/description-of-another',
      'walk',
    ],
    [
      'command unknown',
      "'walk:walk a dog'",
      "'walk:walk a dog'\n        'track:follow a dog'",
      'completion/stale-word',
      'track',
    ],
    ['arm alias', '        roll|ls)', '        roll)', 'completion/alias-forgotten', 'ls'],
    ['option misspelt', "'--leash=[", "'--tga=[", 'completion/stale-word', '--tga'],
    [
      'global missing in sub',
      "            '(-v --verbose)'{-v,--verbose}'[say what is done]' \\\n            '(-h --help)'{-h,--help}'[print this help and exit]' \\\n            '--version[print the version and exit]' \\\n            '1:dog:'",
      "            '--version[print the version and exit]' \\\n            '1:dog:'",
      'completion/options-missing',
      'zsh',
    ],
    [
      'option of other command',
      "            '--leash=[mark",
      "            '(-a --all)'{-a,--all}'[show what has left too]' \\\n            '--leash=[mark",
      'completion/stale-word',
      '-a',
    ],
    ['syntax', '  esac\n}\n_kennel', '  esac\n_kennel', 'completion/does-not-load', 'zsh'],
  ],
  fish: [
    ['value missing', "'height age'", "'height'", 'completion/values-missing', 'fish'],
    ['extra value', "'height age'", "'height age size'", 'completion/stale-word', '--sort=size'],
    ['no long', '-s n -l dry-run', '-s n', 'completion/alias-forgotten', '--dry-run'],
    ['no short', '-s a -l all', '-l all', 'completion/alias-forgotten', '-a'],
    ['takes arg not told', '-l leash -x', '-l leash', 'completion/argument-completed-wrongly', '--leash'],
    [
      'flag with arg',
      '-s a -l all -d',
      '-s a -l all -x -d',
      'completion/argument-completed-wrongly',
      '--all',
    ],
    ['wrong letter', '-s o -l output', '-s O -l output', 'completion/stale-word', '-O'],
    ['old option style', '-l leash -x', '-o leash -x', 'completion/stale-word', '-leash'],
    [
      'alias missing',
      "complete -c kennel -n __fish_use_subcommand -a ls -d 'show the dogs'\n",
      '',
      'completion/alias-forgotten',
      'ls',
    ],
    [
      'condition lacks alias',
      "'__fish_seen_subcommand_from roll ls' -s s",
      "'__fish_seen_subcommand_from roll' -s s",
      'completion/alias-forgotten',
      'ls',
    ],
    [
      'condition other',
      "'__fish_seen_subcommand_from walk' -l dir",
      "'__fish_seen_subcommand_from roll ls' -l dir",
      'completion/stale-word',
      '--dir',
    ],
    [
      'other description',
      "-d 'show what has left too'",
      "-d 'sort by KEY'",
      'completion/description-of-another',
      '-a',
    ],
    [
      'directories files',
      "-x -a '(__fish_complete_directories)'",
      '-r -F',
      'completion/argument-completed-wrongly',
      '--dir',
    ],
    [
      'output nofile',
      '-s o -l output -r -F',
      '-s o -l output -x',
      'completion/argument-completed-wrongly',
      '--output',
    ],
    [
      'operands no files',
      "complete -c kennel -n '__fish_seen_subcommand_from walk' -F\n",
      '',
      'completion/argument-completed-wrongly',
      'FILE',
    ],
    [
      'other program',
      'complete -c kennel -l version',
      'complete -c depo -l version',
      'completion/options-missing',
      'fish',
    ],
    [
      'unknown command',
      "-a walk -d 'walk a dog'",
      "-a walk -d 'walk a dog'\ncomplete -c kennel -n __fish_use_subcommand -a track -d 'follow a dog'",
      'completion/stale-word',
      'track',
    ],
    ['no desc', "-s a -l all -d 'show what has left too'", '-s a -l all', 'completion/undescribed', 'fish'],
    [
      'deprecated',
      '-s a -l all -d',
      "-l old-style -d 'print as version 1 did'\ncomplete -c kennel -n '__fish_seen_subcommand_from roll ls' -s a -l all -d",
      'completion/hidden-offered',
      '--old-style',
    ],
  ],
};

/** What is changed in a sound script, and leaves it sound. */
const SOUND: Readonly<Record<Shell, readonly (readonly [why: string, from: string, to: string])[]>> = {
  bash: [
    ['files where the function offers nothing', 'complete -F', 'complete -o default -F'],
    [
      'a branch for an option of another command',
      '        --leash) return ;;',
      '        --leash|--sort) return ;;',
    ],
    ['folders by another word', 'compgen -d --', 'compgen -A directory --'],
  ],
  zsh: [
    ['folders by another function', ':folder:_files -/', ':folder:_directories'],
    ['files for all operands', "'1:dog:' \\\n            '2:route:_files'", "'*:route:_files'"],
  ],
  fish: [
    ['files wherever nothing else is offered', 'complete -c kennel -f\n', ''],
    ['a shorter text', "-d 'print this help and exit'", "-d 'print help'"],
  ],
};

const FOLDER = join(ROOT, 'test/completion/planted');
const FILES: Readonly<Record<Shell, string>> = { bash: 'kennel.bash', zsh: '_kennel', fish: 'kennel.fish' };
const KENNEL = readText(readFileSync(join(FOLDER, 'kennel.yaml'), 'utf8'));

function findingsOf(text: string, shell: Shell): readonly Finding[] {
  const inventories = [readCompletion({ name: FILES[shell], text }, shell, 'kennel')];
  return audit([KENNEL], { inventories }).findings.filter(({ check }) => check.startsWith('completion/'));
}

const named = ({ check, subject }: Finding) => `${check} ${subject}`;

for (const shell of SHELLS) {
  const text = readFileSync(join(FOLDER, FILES[shell]), 'utf8');
  const changed = (from: string, to: string) => {
    assert.ok(text.includes(from), 'the text can be changed');
    return text.replace(from, () => to);
  };

  test(`${shell}: nothing is said of the sound script`, () => {
    assert.deepEqual(findingsOf(text, shell).map(named), []);
  });

  for (const [why, from, to, check, subject] of FAULTS[shell])
    test(`${shell}: ${why}`, () => {
      const found = findingsOf(changed(from, to), shell).map(named);
      assert.ok(found.includes(`${check} ${subject}`), found.join('\n'));
    });

  for (const [why, from, to] of SOUND[shell])
    test(`${shell} stays sound: ${why}`, () => {
      assert.deepEqual(findingsOf(changed(from, to), shell).map(named), []);
    });
}
