/** The table of long options of the GNU Coding Standards (4.10): each name, and behind a colon the letters paired with it. */
const TABLE = `
  after-date:N all:a all-text:a almost-all:A append:ar archive:a archive-name:n arglength:l ascii:a assign:v
  assume-new:W assume-old:o auto-check:a auto-pager:a auto-reference:A avoid-wraps:n background
  backward-search:B basename:f batch baud before:b binary:b bits-per-code:b block-size blocks:b break-file:b
  brief bytes:Cc catenate:A cd changes:c classify:F colons:c command:c compare:d compat compress:Z concatenate:A
  confirmation:w context copyleft copyright:C core count:q count-links:l create cut-mark:c cxref:x date:d
  debug:d define:D defines delete:D dereference:L dereference-args:D device diacritics:d dictionary-order:d
  diff:d digits:n directory discard-all:x discard-locals:X dry-run:n ed:e elide-empty-files:z end-delete:x
  end-insert:z entire-new-file:N environment-overrides:e eof:e epoch error-limit error-output:o escape:b
  exclude-from:X exec exit:x exit-0:e expand-tabs:t expression:e extern-only:g extract:ix faces:f fast:f
  fatal-warnings:E file:f field-separator:F file-prefix file-type:F files-from:T fill-column flag-truncation:F
  fixed-output-files follow:f footnote-style force:f force-prefix:F foreground format freeze-state:F fullname
  gap-size:g get:x graphic:i graphics:g group:g gzip:z hashsize:H header:h heading:H help here-delimiter:d
  hide-control-chars:q html idle:u ifdef:D ignore:Ix ignore-all-space:w ignore-backups:B ignore-blank-lines:B
  ignore-case:fi ignore-errors:i ignore-file:i ignore-indentation:I ignore-init-file ignore-interrupts:i
  ignore-matching-lines:I ignore-space-change:b ignore-zeros:i include:Ii include-dir:I incremental:G info
  init-file initial:i initial-tab:T inode:i interactive:eipw intermix-type:p iso-8601 jobs:j just-print:n
  keep-going:k keep-files:k kilobytes:k language:l less-mode:l level-for-gzip:g line-bytes:C lines link:l lint
  lint-old list:lt list:t literal:N load-average:l login machine macro-name:M mail:m make-directories:d
  makefile:f mapped max-args:n max-chars:n max-lines:l max-load:l max-procs:P mesg:T message:T minimal:d
  mixed-uuencode:M mode:m modification-time:m multi-volume:M name-prefix nesting-limit:L net-headers:a
  new-file:W no-builtin-rules:r no-character-count:w no-check-existing:x no-common:3 no-create:c no-defines:D
  no-deleted:1 no-dereference:d no-inserted:2 no-keep-going:S no-lines no-piping:P no-prof:e no-regex:R
  no-sort:p no-splash no-split no-static:a no-time:E no-timestamp:m no-validate no-wait no-warn node:n
  nodename:n nonmatching:f nstuff:n null:0 number:n number-nonblank:b numeric-sort:n numeric-uid-gid:n nx
  old-archive:o old-file:o one-file-system:l only-file:o only-prof:f only-time:F options:o output
  output-prefix:o override:o overwrite:c owner:o paginate:l paragraph-indent parents:p pass-all:p pass-through:p
  port:P portability:c posix prefix-builtins:P prefix:f preserve preserve-environment:p
  preserve-modification-time:m preserve-order:s preserve-permissions:p print:l print-chars:L print-data-base:p
  print-directory:w print-file-name:o print-symdefs:s printer:p prompt:p proxy query-user:X question:q quiet
  quiet-unshar:Q quote-name:Q rcs:n re-interval read-full-blocks:B readnow recon:n record-number:R recursive
  reference:r references:r regex:r release:r reload-state:R relocation:r rename:r replace:i
  report-identical-files:s reset-access-time:a reverse:r reversed-ed:f right-side-defs:R same-order:s
  same-permissions:p save:g se sentence-regexp:S separate-dirs:S separator:s sequence shell:s show-all:A
  show-c-function:p show-ends:E show-function-line:F show-tabs:T silent size:s socket sort source sparse:S
  speed-large-files:H split-at:E split-size-limit:L squeeze-blank:s start-delete:w start-insert:y starting-file
  statistics:s stdin-file-list:S stop:S strict:s strip:s strip-all:s strip-debug:S submitter:s suffix:S
  suffix-format:b sum:s summarize:s symbolic:s symbols synclines:s sysname:s tabs:t tabsize:T terminal:Tt text:a
  text-files:T time timeout to-stdout:O total:c touch:t trace:t traditional:Gt tty typedefs:Tt typeset-mode:t
  uncompress:z unconditional:u undefine:U undefined-only:u update:u usage uuencode:B vanilla-operation:V verbose
  verify:W version version-control:V vgrind:v volume:V what-if:W whole-size-limit:l width:w word-regexp:W
  writable:T zeros:z
`;

export interface GnuLongOption {
  /** The name without hyphens. */
  readonly name: string;
  /** The short options that programs pair with it. */
  readonly letters: readonly string[];
}

/** The names of the GNU table of long options, in its own (alphabetical) order. */
export const GNU_LONG_OPTIONS: readonly GnuLongOption[] = TABLE.trim()
  .split(/\s+/)
  .map((entry) => {
    const [name = '', letters = ''] = entry.split(':');
    return { name, letters: [...letters] };
  });
