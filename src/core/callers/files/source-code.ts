import { runBy } from '../../shells/first-line.ts';
import { codeCalls } from '../code/code-calls.ts';
import type { CodeLanguage } from '../code/code-language.ts';
import { go } from '../code/languages/go.ts';
import { javascript } from '../code/languages/javascript.ts';
import { perl } from '../code/languages/perl.ts';
import { python } from '../code/languages/python.ts';
import { ruby } from '../code/languages/ruby.ts';
import { type CallerFile, fileName } from './caller-file.ts';

/** So long a program is taken apart, in UTF-16 units. */
const SIZE_LIMIT = 4_000_000;

function sourceCode(language: CodeLanguage, names: RegExp, program: string): CallerFile {
  const isRun = runBy(program);
  return {
    recognises: (path, text) => names.test(fileName(path)) || isRun(text),
    sizeLimit: SIZE_LIMIT,
    calls: (source) => codeCalls(source, language),
    isGuessed: true,
  };
}

/** Programs whose texts and lists say what they run. */
export const pythonSource = sourceCode(python, /\.pyi?w?$|^SCons(?:truct|cript)$/, String.raw`python[\d.]*`);
export const javascriptSource = sourceCode(javascript, /\.[cm]?[jt]sx?$/, '(?:node|nodejs|deno|bun)');
export const rubySource = sourceCode(
  ruby,
  /\.(?:rb|rake|gemspec)$|^(?:Rake|Gem|Vagrant)file$/,
  String.raw`ruby[\d.]*`,
);
export const perlSource = sourceCode(perl, /\.(?:pl|pm|t)$/, 'perl');
export const goSource = sourceCode(go, /\.go$/, '(?:go|gorun)');
